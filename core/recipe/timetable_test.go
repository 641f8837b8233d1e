package recipe

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
)

// TestTimetables writes tables of times as sentences (the heights and figures are those of the USDA
// Complete Guide 2015, guides 2 and 4; from memory). What is no such table stays as it is.
func TestTimetables(t *testing.T) {
	for name, c := range map[string]struct{ table, want string }{
		"minutes, with tabs": {
			"Table 1. Recommended process time for Peaches in a boiling-water canner.\n" +
				"Process Time at Altitudes of\n" +
				"Style of Pack\tJar Size\t0 - 1,000 ft\t1,001 - 3,000 ft\tAbove 6,000 ft\n" +
				"Hot\tPints\t20 min\t25\t35\n\tQuarts\t25\t30\t40\nLabel and store.",
			"Table 1. Recommended process time for Peaches in a boiling-water canner.\n\n\nHot pack: in a boiling-water canner, process pints 20 minutes at 0 - 1,000 ft, " +
				"25 minutes at 1,001 - 3,000 ft, 35 minutes above 6,000 ft.\n" +
				"Hot pack: in a boiling-water canner, process quarts 25 minutes at 0 - 1,000 ft, " +
				"30 minutes at 1,001 - 3,000 ft, 40 minutes above 6,000 ft.\nLabel and store."},
		"pounds, with bars": {
			"Jar | Process Time | 0 - 2,000 ft | 2,001 - 4,000 ft\nPints | 20 min | 11 lb | 12 lb\nQuarts | 25 | 11 | 12",
			"\nProcess pints 20 minutes, quarts 25 minutes at 11 lb (0 - 2,000 ft), 12 lb (2,001 - 4,000 ft).\n"},
		"the pack that is told": {
			"Hot pack: boil them.\nPack | Jar | 0 - 1,000 ft | Above 1,000 ft\nHot | Pints | 20 | 25\nRaw | Pints | 25 | 30",
			"Hot pack: boil them.\n\nHot pack: process pints 20 minutes at 0 - 1,000 ft, 25 minutes above 1,000 ft.\n"},
		"wide gaps": {
			"Jar size    0-1,000 ft    Above 1,000 ft\nHalf-pints or pints    10    15",
			"\nProcess half-pints or pints 10 minutes at 0 - 1,000 ft, 15 minutes above 1,000 ft."},
		"a list":               {"Amount | Food\n2 cups | sugar", "Amount | Food\n2 cups | sugar"},
		"heights without jars": {"0 - 1,000 ft | 1,001 - 3,000 ft\n20 | 25", "0 - 1,000 ft | 1,001 - 3,000 ft\n20 | 25"},
		"a row that is short": {"Jar | 0 - 1,000 ft | Above 1,000 ft\nPints | 20",
			"Jar | 0 - 1,000 ft | Above 1,000 ft\nPints | 20"},
		"ranges of pounds": {"Jar | 5 - 10 lb | 11 - 15 lb\nPints | 20 | 25",
			"Jar | 5 - 10 lb | 11 - 15 lb\nPints | 20 | 25"},
	} {
		lines := strings.Split(c.table, "\n")
		timetables(lines)
		assert.Equal(t, c.want, strings.Join(lines, "\n"), name)
	}
}
