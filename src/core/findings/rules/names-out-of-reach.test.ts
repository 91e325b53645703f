import { describe, expect, it } from 'vitest'
import { classDocument, demoLibrary, kilnFloor } from '../../../../tests/fixtures/demo-run'
import type { ClassDocument } from '../../class/class-document'
import { computeClass } from '../../class/compute'
import { namesOutOfReach } from './names-out-of-reach'

const found = (pictureMetres: number | undefined, document: ClassDocument = classDocument('demo-lunch')) =>
  namesOutOfReach({
    document,
    library: demoLibrary,
    computed: computeClass(document, demoLibrary),
    room: { ...kilnFloor, pictureMetres },
    newId: () => 'new',
  })

describe('names on the wall', () => {
  it('that do not read from the back of the room, on a picture 1.2 m wide in a hall of 18 m, are told; the fix is cards', () => {
    const [finding] = found(1.2)
    expect(finding!.what).toMatch(/^Names on the wall read from [67](\.5)? m; the room is 18 m long$/)
    expect(found(1.2, finding!.fix!.apply(classDocument('demo-lunch')))).toEqual([])
  })

  it('that read from the back are not, nor where nobody knows how wide the picture is', () => {
    // Three times as wide reads three times as far.
    expect(found(3.6)).toEqual([])
    expect(found(undefined)).toEqual([])
  })
})
