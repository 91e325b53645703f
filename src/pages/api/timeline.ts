import { computed } from '@server/http/computed'

export const POST = computed('timeline')
