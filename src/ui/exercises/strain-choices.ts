import { Strain, strainNames } from '@core/library/exercise'

/** What an exercise can ask of somebody, to choose from. */
export const strains = Strain.options.map((value) => ({ value, label: strainNames[value] }))
