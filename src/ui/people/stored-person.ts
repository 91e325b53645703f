import type { Person } from '@core/library/person'
import type { Stored } from '../kit/use-library'

export type StoredPerson = Stored<Person>
