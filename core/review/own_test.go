package review_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/review"
	"damson/knowledge"
)

// ownSoup is a soup that a kitchen brought in: its own list, pints only. Invented.
func ownSoup() *procedure.Procedure {
	p := *reviewer.Procedures()[0]
	for _, q := range reviewer.Procedures() {
		if q.General {
			p = *q
		}
	}
	p.ID, p.Title, p.Names, p.General = "own-turkey-corn-soup", "Turkey and corn soup", []string{"turkey and corn soup"}, false
	p.Source, p.Section, p.Permits = "A book of the kitchen's own, invented", "p. 12", nil
	p.Ingredients = []procedure.Ingredient{
		{Name: "turkey, boned", Same: []string{"turkey"}, Role: procedure.Main, Amount: 4, Unit: quantity.Cup},
		{Name: "corn", Same: []string{"corn"}, Role: procedure.LowAcid, Amount: 4, Unit: quantity.Cup},
		{Name: "broth", Same: []string{"broth"}, Role: procedure.Liquid, Amount: 12, Unit: quantity.Cup},
		{Name: "salt", Same: []string{"salt"}, Role: procedure.Salt, Optional: true},
	}
	rows := p.Rows
	p.Rows = nil
	for _, r := range rows {
		if r.When == "" && r.Jar == string(quantity.PintJar) {
			p.Rows = append(p.Rows, r)
		}
	}
	return &p
}

func withOwnSoup(t *testing.T) *review.Reviewer {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	procs, err := procedure.NewLibrary(append([]*procedure.Procedure{ownSoup()}, reviewer.Procedures()...))
	require.NoError(t, err)
	return review.New(lib.Foods, procs, lib.Language)
}

// TestOwnSoup: what a kitchen brings in is compared by its own list; a soup of its own
// covers no other soup, and what it says of the jar is said before another process is given.
func TestOwnSoup(t *testing.T) {
	t.Parallel()
	e := withOwnSoup(t)
	look := func(text string, jar quantity.Jar) review.Result {
		rec, err := e.Reader().Text(text)
		require.NoError(t, err)
		return e.Review(review.Request{Recipe: rec, ElevationGiven: true, Gauge: "dial", Jar: jar})
	}
	const fill = "Boil 5 minutes. Fill the jars half full of solids, then broth, 1 inch headspace.\n"
	own := "Turkey and corn soup\n4 cups turkey, boned, cubed\n4 cups corn\n12 cups turkey broth\n" + fill
	res := look(own, quantity.PintJar)
	require.Equal(t, review.Clear, res.Verdict, "%v", res.Findings)
	require.Equal(t, "own-turkey-corn-soup", res.Procedure.ID)

	other := look("Beef and carrot soup\n4 cups beef, cubed\n4 cups carrots, peeled\n12 cups beef broth\n"+fill, quantity.PintJar)
	require.Equal(t, review.Clear, other.Verdict, "%v", other.Findings)
	require.Equal(t, "soup", other.Procedure.ID)

	more := look("Turkey and corn soup\n4 cups turkey, boned, cubed\n4 cups corn\n4 cups potatoes, peeled\n12 cups turkey broth\n"+fill, quantity.PintJar)
	require.Equal(t, "soup", more.Procedure.ID, "potatoes are not on its list")

	quarts := look(own, quantity.QuartJar)
	require.Equal(t, "soup", quarts.Procedure.ID)
	require.Equal(t, review.Clear, quarts.Verdict)
	said := false
	for _, f := range quarts.Findings {
		said = said || f.Code == "jar-size" && f.Severity == review.Care && f.Do == "“Turkey and corn soup” is for pints at most"
	}
	require.True(t, said, "%v", quarts.Findings)
}
