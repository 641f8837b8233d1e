package words

import "strings"

// pots are words of vessels that make others: "saucepot", "stewpan", "dishpan".
var pots = []string{"pot", "pots", "pan", "pans", "kettle", "bowl", "bowls"}

// Vessel reports whether the word is a compound of a vessel, whatever goes before it. The
// plain words are in the lists of things.
func Vessel(word string) bool {
	for _, p := range pots {
		if before, ok := strings.CutSuffix(word, p); ok && len(before) > 2 {
			return !notVessels[word]
		}
	}
	return false
}

// notVessels end like a vessel and are none.
var notVessels = map[string]bool{"despot": true, "teapot": true, "crackpot": true, "jackpot": true, "marzipan": true, "trepan": true, "sampan": true, "japan": true, "lifespan": true, "timespan": true, "hotpot": true, "chimneypot": true, "sunspot": true, "hotspot": true, "fishbowl": true, "flowerpot": true, "bedpan": true, "chamberpot": true, "dustpan": true}
