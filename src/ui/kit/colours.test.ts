import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'

const tokens = readFileSync(new URL('tokens.css', import.meta.url), 'utf8')
const token = (scheme: 'light' | 'dark', name: string) => {
  const [light, dark] = tokens.split(":root[data-mantine-color-scheme='dark']") as [string, string]
  const found = (text: string) => new RegExp(`--${name}: (#[0-9a-f]{6})`).exec(text)?.[1]
  return (scheme === 'dark' ? found(dark) : undefined) ?? found(light)!
}

type Rgb = [number, number, number]
const linear = (hex: string) =>
  [1, 3, 5].map((at) => {
    const share = parseInt(hex.slice(at, at + 2), 16) / 255
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
  }) as Rgb

/** How the colour-blind see a colour: Machado, Oliveira and Fernandes, IEEE TVCG 15, 2009, at full severity (from memory). */
const seenBy: Record<string, number[][]> = {
  everyone: [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ],
  protanopes: [
    [0.152286, 1.052583, -0.204868],
    [0.114503, 0.786281, 0.099216],
    [-0.003882, -0.048116, 1.051998],
  ],
  deuteranopes: [
    [0.367322, 0.860646, -0.227968],
    [0.280085, 0.672501, 0.047413],
    [-0.01182, 0.04294, 0.968881],
  ],
  tritanopes: [
    [1.255528, -0.076749, -0.178779],
    [-0.078411, 0.930809, 0.147602],
    [0.004733, 0.691367, 0.3039],
  ],
}

const luminance = (hex: string, who: string) => {
  const seen = seenBy[who]!.map((row) => row.reduce((sum, share, index) => sum + share * linear(hex)[index]!, 0))
  const [red, green, blue] = seen.map((share) => Math.min(1, Math.max(0, share))) as Rgb
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue
}

const contrast = (one: string, other: string, who: string) => {
  const [light, dark] = [luminance(one, who), luminance(other, who)].sort((a, b) => b - a) as [number, number]
  return (light + 0.05) / (dark + 0.05)
}

describe('what charts are drawn in', () => {
  // WCAG 2.1, 1.4.11: what is drawn stands out by 3 : 1, what is read by 4.5 : 1.
  it.each(Object.keys(seenBy).flatMap((who) => (['light', 'dark'] as const).map((scheme) => [who, scheme] as const)))(
    'stands out for %s, %s',
    (who, scheme) => {
      expect(contrast(token(scheme, 'chart'), token(scheme, 'card'), who)).toBeGreaterThan(4.5)
      expect(contrast(token(scheme, 'second'), token(scheme, 'card'), who)).toBeGreaterThan(4.5)
    },
  )
})

describe('what is read', () => {
  const read = ['ink', 'second', 'mend', 'weigh', 'fine'].flatMap((text) =>
    ['paper', 'card', 'side', 'tile'].map((ground) => [text, ground] as const),
  )
  const onPhases = ['work', 'transition', 'rest', 'pause'].map((phase) => ['on-phase', phase] as const)
  // WCAG 2.1, 1.4.3: 4.5 : 1.
  it.each([...read, ['ink', 'mend-ground'] as const, ['mend', 'mend-ground'] as const, ...onPhases])(
    '%s stands out on %s, light and dark',
    (text, ground) => {
      for (const scheme of ['light', 'dark'] as const)
        expect(contrast(token(scheme, text), token(scheme, ground), 'everyone'), scheme).toBeGreaterThanOrEqual(4.5)
    },
  )
})
