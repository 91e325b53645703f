import { PasswordInput, TextInput } from '@mantine/core'
import type { UseFormReturnType } from '@mantine/form'
import { passwordLength } from '@core/access/credentials'

type Given = ReturnType<UseFormReturnType<Record<string, unknown>>['getInputProps']>
type InputProps = (field: 'name' | 'email' | 'password') => Given

const long = `At least ${passwordLength.least} characters; a few words are good.`

export const NewPasswordField = ({ inputProps, label = 'Password' }: { inputProps: Given; label?: string }) => (
  <PasswordInput label={label} description={long} autoComplete="new-password" {...inputProps} />
)

/** What a new account is made of. */
export const OwnFields = ({ inputProps }: { inputProps: InputProps }) => (
  <>
    <TextInput label="Your name" autoComplete="name" {...inputProps('name')} />
    <TextInput label="E-mail address" type="email" autoComplete="username" {...inputProps('email')} />
    <NewPasswordField inputProps={inputProps('password')} />
  </>
)
