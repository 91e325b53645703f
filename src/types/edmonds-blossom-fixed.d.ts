declare module 'edmonds-blossom-fixed' {
  /** Partner of each vertex, or −1: a matching of greatest weight, among those of most pairs if `maxCardinality`. */
  export default function blossom(edges: [one: number, other: number, weight: number][], maxCardinality?: boolean): number[]
}
