package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"

	"damson/core/review"
)

// forms are ways in which cooks put down the time and the pressure of a process.
var forms = []string{
	"Vent 10 minutes, @T minutes at @P lb.",
	"Vent 10 minutes. Process pints @T minutes at @P pounds.",
	"@T min for pints, @P lbs.",
	"@P pounds, @T minutes for pints.",
	"Vent 10. Then weight on, @P pounds, pints @T minutes.",
	"Vent 10. @P lb. @T minutes.",
	"Vent ten minutes, pints @T minutes, @P pounds.",
	"Vent 10 minutes, then weighted gauge at @P pounds, @T minutes.",
	"Let it steam ten minutes, then @P pounds for @T minutes.",
	"Canner: vent 10 min. @P psi. @T min.",
	"Ten minutes of steam and then @T minutes at @P pounds, for pints.",
	"Pressure @P lb, time @T min.",
	"@T minutes, @P lb weight.",
	"Give them @T minutes at @P pounds.",
	"They want @T minutes at @P pounds.",
	"Vent 10, bring to @P lb. @T minutes.",
	"Steam out: 10 minutes. Then the weight. @P pounds, @T minutes for pint.",
	"It takes @T minutes at @P pounds, pints.",
	"@P lb / @T min.",
	"@T min @ @P lb.",
	"Steam blows ten minutes, weight on, and when it rocks at @P pounds you go @T minutes.",
}

var inWords = map[string]string{"75": "seventy-five", "30": "thirty", "10": "ten", "5": "five"}

// A time or a pressure that is too small never leaves a recipe clear, in whatever form it
// is put down, by figures or in words; the right ones mostly do.
func TestFiguresBehindTheLid(t *testing.T) {
	const base = "Beef cubes\n\n10 lb beef, trimmed, in 1 inch cubes\n1/2 tsp salt to each pint\n\n"
	layouts := []string{
		base + "Pack raw in hot pints, no liquid added, 1 inch headspace. Wipe the rims, lids on, bands fingertip tight.\n@F\nLet the pressure drop by itself.\n",
		base + "Pack raw in hot pints, no liquid added, 1 inch headspace. Wipe the rims, lids on, bands fingertip tight. @F Let the pressure drop by itself.\n",
		base + "1. Pack raw in hot pints, no liquid, 1 inch headspace.\n2. Wipe, lids, bands.\n3. @F\n4. Cool naturally.\n",
	}
	right, all := 0, 0
	for _, layout := range layouts {
		for _, form := range forms {
			for _, spell := range []bool{false, true} {
				put := func(minutes, pounds string) review.Result {
					if spell {
						minutes, pounds = inWords[minutes], inWords[pounds]
					}
					return reviewText(t, strings.Replace(layout, "@F", strings.NewReplacer("@T", minutes, "@P", pounds).Replace(form), 1), 300, "weighted")
				}
				assert.NotEqual(t, review.Clear, put("30", "10").Verdict, "30 minutes: %s %v\n%s", form, spell, layout)
				assert.NotEqual(t, review.Clear, put("75", "5").Verdict, "5 pounds: %s %v\n%s", form, spell, layout)
				all++
				if put("75", "10").Verdict == review.Clear {
					right++
				} else {
					t.Logf("held up: %s %v", form, spell)
				}
			}
		}
	}
	assert.GreaterOrEqual(t, right, all*8/10, "clear where both are right")
}

// The same for a water bath.
func TestMinutesInTheBath(t *testing.T) {
	const base = "Peaches\n\n11 lb yellow peaches, peeled, halved\n9 cups water\n2 1/4 cups sugar\n\nHeat the peaches in the syrup. Fill hot pints with hot peaches and syrup, 1/2 inch headspace. Wipe the rims, lids on.\n"
	for _, form := range []string{
		"@ minutes in a boiling water bath.", "Boiling water bath, @ minutes.", "Boiling water canner @ min, 5 min rest.", "@ min boiling, pints.", "@ minutes in boiling water, then five off the heat.",
		"Into the canner, water an inch over, and @ minutes from the boil.", "BWB @ min.", "Pints @ minutes.", "Pints get @ minutes.", "@ minutes for the pints.", "Process @.", "They have @ minutes at a rolling boil.",
	} {
		for _, n := range []string{"5", "10", "five", "ten"} {
			text := base + strings.Replace(form, "@", n, 1) + "\n"
			assert.NotEqual(t, review.Clear, reviewText(t, text, 300, "weighted").Verdict, text)
		}
	}
}
