package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// A pressure canner stands in 2 to 3 inches of hot water before its jars come, a bath covers them by
// 1 to 2 inches (USDA Complete Guide 2015, guide 1; from memory).
func TestFewInchesCoverNoJar(t *testing.T) {
	t.Parallel()
	for _, water := range []string{
		"3 inches of simmering water in the canner. Lids on, jars in, 25 minutes.",
		"3 inches of hot water in the canner. Jars in, 25 minutes.",
		"Water in the canner 3 inches deep. Jars in, 25 minutes.",
		"Canner with 2-3\" of hot water. Jars in, 25 minutes.",
		"Two inches of boiling water in the canner. Process 25 minutes.",
		"3 inches of simmering water in the canner. Boil 25 minutes.",
		"Boiling water bath 25 minutes. 3 inches of hot water in the canner.",
		"Two quarts of hot water in the canner. Jars in, 25 minutes.",
		"3 qt hot water in the canner. Process 25 minutes.",
	} {
		res := reviewedAt(t, peachesWith(water), 300)
		require.NotEqual(t, review.Clear, res.Verdict, water)
	}
	for _, room := range []string{
		"Half an inch of room, then into the boiling water canner 25 minutes.",
		"Process in a boiling water canner 25 minutes, the water an inch over the lids.",
		"Use a steam canner with 2 inches of water, steam 25 minutes.",
	} {
		res := reviewedAt(t, peachesWith(room), 300)
		require.Equal(t, review.Clear, res.Verdict, "%s: %v", room, res.Findings)
	}
}

// chickenWith is a right recipe but for what it says of the canner's water and of the end. Poultry without bones, raw
// pack, quarts 90 minutes, 10 lb of weight to 1,000 ft (USDA Complete Guide 2015, guide 5; from memory).
func chickenWith(water, end string) string {
	return "Chicken, raw pack\n\n14 lb boneless skinless chicken breasts, in chunks\n1 tsp canning salt per quart\n\n" +
		"Pack raw into hot quarts, loosely, no liquid, 1 1/4 inches headspace. Bubbles out, rims wiped, lids on.\n" + water +
		" Load the jars and lock the lid. Vent 10 minutes, then 10-lb weight on and 90 minutes. " + end + "\n"
}

func TestWaterUnderPressure(t *testing.T) {
	t.Parallel()
	for water, clear := range map[string]bool{
		"2-3\" simmering water in the canner.":                  true,
		"Two to three inches of simmering water in the canner.": true,
		"Canner has 3 inches of simmering water in it.":         true,
		"3 quarts of hot water in the canner.":                  true,
		"An inch of hot water in the canner.":                   false,
		"4 quarts of water over the jars in the canner.":        false,
		"One quart of hot water in the canner.":                 false,
		"3 inches of barely simmering water in the canner.":     false,
	} {
		requireClear(t, clear, chickenWith(water, "Let it fall to zero by itself, wait 10 minutes."), 900, "weighted")
	}
}

// Seals are talk once the process is done; a wait is no process.
func TestEndsOfProcess(t *testing.T) {
	t.Parallel()
	for end, clear := range map[string]bool{
		"Let it fall to zero by itself. All seven sealed.": true,
		"Heat off. Wait 10. Weight off, lid off.":          false,
		"Wait 10, then weight off.":                        false,
	} {
		requireClear(t, clear, chickenWith("", end), 900, "weighted")
	}
	for _, wait := range []string{"Wait 20.", "Wait another 20.", "Wait 20 minutes.", "Wait 75."} {
		short := strings.Replace(chickenWith("", wait+" Let it fall to zero by itself."), " on and 90 minutes", " on", 1)
		requireClear(t, false, short, 900, "weighted")
	}
}

// requireClear reviews the text at so many feet and wants it clear, or not.
func requireClear(t *testing.T, clear bool, text string, feet int, gauge string) {
	t.Helper()
	rec, err := reviewer.Reader().Text(text)
	require.NoError(t, err)
	res := reviewer.Review(review.Request{Recipe: rec, Elevation: feet, ElevationGiven: true, Gauge: gauge})
	require.Equal(t, clear, res.Verdict == review.Clear, "%s: %v", text, res.Findings)
}
