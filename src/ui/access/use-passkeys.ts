import {
  startAuthentication,
  startRegistration,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/browser'
import { useState, useEffect } from 'react'
import { api } from '../kit/api'

/** Whether this browser can have passkeys here: it knows them, and the page has the name that they are bound to. */
export function usePasskeysHere(place: string): boolean {
  const [can, setCan] = useState(false)
  useEffect(() => setCan('PublicKeyCredential' in window && location.hostname === place), [place])
  return can
}

export async function addPasskey(name: string): Promise<void> {
  const optionsJSON = await api<PublicKeyCredentialCreationOptionsJSON>('POST', '/api/passkeys/options')
  await api('POST', '/api/passkeys', { name, response: await startRegistration({ optionsJSON }) })
}

export async function signInByPasskey(): Promise<void> {
  const optionsJSON = await api<PublicKeyCredentialRequestOptionsJSON>('POST', '/api/session/passkey/options')
  await api('POST', '/api/session/passkey', { response: await startAuthentication({ optionsJSON }) })
}
