package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/quantity"
	"damson/core/review"
)

// places are sound recipes with one place for a line or a sentence.
var places = map[string]string{
	"acid of salsa":    salsaOf("5 cups onions, chopped", "<>", "Process 15 minutes in a boiling water canner."),
	"onions of salsa":  salsaOf("<>", "2 cups bottled lemon juice", "Process 15 minutes in a boiling water canner."),
	"process of salsa": salsaOf("5 cups onions, chopped", "2 cups bottled lemon juice", "<>"),
	"process of beans": "Green beans\n\n4 lb green beans\nwater\n\nPack raw in pints and cover with boiling water, leaving 1 inch headspace. Lids on. <>\n",
	"pears":            "Pears in light syrup\n\n<>\n2 1/4 cups sugar\n9 cups water\n\nHalve and core the pears. Boil them 5 minutes in the syrup. Fill hot pints with hot pears and hot syrup, 1/2 inch headspace. Lids on. Process pints 20 minutes in a boiling water bath.\n",
	"potatoes":         "Potatoes\n<>\nwater\nCut in 1/2-inch cubes. Boil 2 minutes, drain, fill quarts hot, fresh boiling water, 1 inch headspace. Vent 10 minutes, 40 minutes at 11 lb dial.\n",
	"tomatoes":         "Whole tomatoes\n<>\n2 Tbsp bottled lemon juice per quart\nwater\nBoil 5 minutes in water. Fill quarts, cover with the hot water, 1/2 inch headspace, lids on. Boil 45 minutes.\n",
	"kidney beans":     "Kidney beans\n<>\nwater\nsalt\n\nBoil in fresh water 30 minutes. Fill pints hot with the cooking water, 1 inch headspace. Vent 10 minutes, process 75 minutes at 11 lb dial.\n",
	"beef":             "Beef\n\n<>\nsalt\n\nCut in strips, pack raw in pints, 1 inch headspace, no liquid. Lids on. Vent 10 minutes, process 75 minutes at 11 lb dial.\n",
	"acid of tomatoes": "Crushed tomatoes\n20 lb tomatoes, peeled, crushed\n<>\nHeat, boil 5 minutes. Fill quarts, 1/2 inch headspace, lids on. Boil 45 minutes.\n",
}

func salsaOf(onions, acid, process string) string {
	return "Tomato salsa\n7 quarts paste tomatoes, peeled, cored, chopped\n4 cups long green chiles, seeded, chopped\n" + onions +
		"\n1/2 cup jalapeño peppers, seeded, finely chopped\n6 cloves garlic, finely chopped\n" + acid +
		"\n2 Tbsp salt\n1 Tbsp black pepper\n\nCombine, bring to a boil, stirring. Simmer 10 minutes. Ladle hot into pints, 1/2 inch headspace, lids on. " + process + "\n"
}

// The line of the acid, the line of what the acid must carry and the sentence of the process
// are believed whole or not at all: a word that takes some of it back is asked about.
func TestTakenBack(t *testing.T) {
	t.Parallel()
	for _, row := range linesOf(t, "told") {
		f := strings.SplitN(row, "|", 3)
		require.Contains(t, places, f[1])
		told := strings.ReplaceAll(f[2], `\n`, "\n")
		rec, err := reviewer.Reader().Text(strings.Replace(places[f[1]], "<>", told, 1))
		require.NoError(t, err)
		req := review.Request{Recipe: rec, Elevation: 300, ElevationGiven: true}
		if strings.Contains(places[f[1]], "pints") {
			req.Jar = quantity.PintJar
		}
		if strings.Contains(places[f[1]], "Vent") || f[1] == "process of beans" {
			req.Gauge = "dial"
		}
		res := reviewer.Review(req)
		assert.Equal(t, f[0] == "+", res.Verdict == review.Clear, "%s: %s %v", row, res.Verdict, res.Findings)
	}
}
