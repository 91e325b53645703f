/** First words that keep their capital wherever they stand. */
const proper = /^(?:Bulgarian|Nordic|Romanian|Russian|Spanish|Swiss|Turkish)\b/

/** A name as it stands within a sentence: "Goblet squat" → "goblet squat", "V-up" and "Romanian deadlift" as they are. */
export function midSentence(name: string): string {
  return /^\p{Lu}(?!\p{Ll})/u.test(name) || proper.test(name) ? name : name.charAt(0).toLowerCase() + name.slice(1)
}
