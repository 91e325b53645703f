/** Everybody who is called so, however it is written: large or small, with spaces around. */
export const calledLike = <Called extends { name: string }>(people: readonly Called[], name: string): Called[] => {
  const wanted = name.trim().toLowerCase()
  return people.filter((person) => person.name.trim().toLowerCase() === wanted)
}
