// Package discard says what becomes of jars that had no tested process, once it is too late
// for another.
package discard

// Older says what holds of such jars after 24 hours at room temperature, and how they are got
// rid of (USDA Complete Guide to Home Canning 2015, guide 1, Identifying and Handling Spoiled
// Canned Foods, from memory).
func Older(acid bool) (what, how string) {
	if acid {
		return "Look for mould, gas, cloudiness or an odd smell before opening, and throw away what shows any.", "When in doubt, throw it out."
	}
	return "Do not open and do not taste them; a jar can hold the toxin of botulism and look, smell and seal as it should.",
		"Put closed jars in a heavy bag into the rubbish, out of reach of children and animals. A jar that leaks or is open: boil jar, lid and food 30 minutes under an inch of water first."
}

// Unknown says what holds of jars that came from elsewhere, whose process nobody knows (USDA Complete
// Guide to Home Canning 2015, guide 1, from memory: food that may not have been processed as tested is
// neither tasted nor eaten).
const Unknown = "Nobody here knows how these jars were processed. Vegetables, meat, fish and what is mixed with them " +
	"are not eaten, boiled or not, unless whoever canned them used a pressure canner and a tested recipe: ask. " +
	"In doubt it is thrown out unopened."
