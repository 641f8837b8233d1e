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
	"acid of tomatoes": "Crushed tomatoes\n20 lb tomatoes, peeled, crushed\n<>\nHeat, boil 5 minutes. Fill quarts, 1/2 inch headspace, lids on. Boil 45 minutes.\n",
}

func salsaOf(onions, acid, process string) string {
	return "Tomato salsa\n7 quarts paste tomatoes, peeled, cored, chopped\n4 cups long green chiles, seeded, chopped\n" + onions +
		"\n1/2 cup jalapeño peppers, seeded, finely chopped\n6 cloves garlic, finely chopped\n" + acid +
		"\n2 Tbsp salt\n1 Tbsp black pepper\n\nCombine, bring to a boil, stirring. Simmer 10 minutes. Ladle hot into pints, 1/2 inch headspace, lids on. " + process + "\n"
}

// The line of the acid, the line of what the acid must carry and the sentence of the process
// are believed whole or not at all: a word that takes some of it back is asked about.
func TestToldWithABut(t *testing.T) {
	t.Parallel()
	for _, row := range linesOf(t, "told") {
		f := strings.SplitN(row, "|", 3)
		require.Contains(t, places, f[1])
		told := strings.ReplaceAll(f[2], `\n`, "\n")
		rec, err := reviewer.Reader().Text(strings.Replace(places[f[1]], "<>", told, 1))
		require.NoError(t, err)
		req := review.Request{Recipe: rec, Elevation: 300, ElevationGiven: true}
		if f[1] != "acid of tomatoes" {
			req.Jar = quantity.PintJar
		}
		if f[1] == "process of beans" {
			req.Gauge = "dial"
		}
		res := reviewer.Review(req)
		assert.Equal(t, f[0] == "+", res.Verdict == review.Clear, "%s: %s %v", row, res.Verdict, res.Findings)
	}
}
