import { Role, roleWords } from '@core/access/role'

export interface Member {
  id: string
  name: string
  email: string
  role: Role
  since: string
}

export interface Invitation {
  id: string
  name: string
  role: Role
  until: string
}

export const roleChoices = Role.options.map((role) => ({ value: role, label: roleWords[role].name }))
