package words

import "strings"

// Vessel reports whether the word is a vessel by its parts: "saucepot", "stewpan", "dishpan".
// Only plain vessels are: a pot of another kind may be a machine, and no canner.
func Vessel(word string) bool {
	for _, p := range []string{"pot", "pots", "pan", "pans", "kettle"} {
		if before, ok := strings.CutSuffix(word, p); ok && heldIn[before] {
			return true
		}
	}
	return false
}

// heldIn is what such a vessel is for.
var heldIn = map[string]bool{"sauce": true, "stew": true, "stock": true, "soup": true, "jam": true, "dish": true, "fry": true, "frying": true, "braising": true, "milk": true, "wash": true, "broth": true, "pasta": true}
