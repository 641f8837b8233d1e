package book_test

import (
	"fmt"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/book"
	"damson/core/procedure"
	"damson/core/recipe"
	"damson/core/review"
	"damson/knowledge"
)

func draft(t *testing.T, text string) *book.Draft {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := recipe.NewReader(lib.Foods, lib.Language)
	rec, err := r.Text(text)
	require.NoError(t, err)
	return book.New(r, rec, review.KindOf(rec.Title), lib.Pounds)
}

func rolesOf(d *book.Draft) string {
	var out []string
	for _, l := range d.Lines {
		out = append(out, fmt.Sprintf("%s %s", l.Name, l.Role))
	}
	return strings.Join(out, "; ")
}

// TestDraft: what a recipe is made of, what each line is for, what safety rests on. Invented
// recipes of every kind.
func TestDraft(t *testing.T) {
	t.Parallel()
	for _, c := range []struct{ text, kind, roles, needs string }{
		{"Plum chutney\n\n4 lb plums, pitted\n1 cup onion, chopped\n2 cups brown sugar\n3 cups cider vinegar\n1 Tbsp mustard seed\n\nSimmer until thick. Ladle hot into pints, 1/2 inch headspace. Process pints 10 minutes in a boiling water bath.",
			"relish relish acidified", "plum main; onion low-acid; brown sugar sugar; cider vinegar acid; mustard seed seasoning", "reduced"},
		{"Beans and pork\n\n3 lb pork, cut in 1-inch cubes\n1 lb dried navy beans\n2 onions, chopped\n2 quarts broth\n1 Tbsp salt\n\nSoak the beans overnight, drain. Brown the pork. Fill hot into pints, 1 inch headspace. Process pints 75 minutes at 11 lb, dial gauge, in a pressure canner.",
			"plain meat low-acid", "pork main; navy bean low-acid; onion low-acid; broth liquid; salt salt", "soaked browned"},
		{"Peach jam\n\n4 cups peaches, crushed\n5 cups sugar\n2 Tbsp bottled lemon juice\n1 box powdered pectin\n\nBring to a full boil. Fill half-pints, 1/4 inch headspace. Process half-pints 10 minutes in a boiling water bath.",
			"jam jam acid", "peach main; sugar gel-sugar; bottled lemon juice acid; powdered pectin gel", "crushed"},
		{"Pickled carrots\n\n3 lb carrots, peeled, cut in sticks\n4 cups white vinegar\n1 cup water\n1/4 cup canning salt\n\nPack the raw carrots in pints, cover with the hot brine, 1/2 inch headspace. Process pints 15 minutes in a boiling water bath.",
			"pickle pickle acidified", "carrot main; white vinegar acid; water liquid; canning salt salt", ""},
		{"Tomatoes with basil\n\n21 lb tomatoes, peeled\n2 Tbsp bottled lemon juice to each quart\n1 basil leaf to each quart\n\nPack raw in quarts, 1/2 inch headspace. Process quarts 85 minutes in a boiling water bath.",
			"plain tomato acidified", "tomato main; bottled lemon juice acid; basil leaf low-acid", ""},
	} {
		d := draft(t, c.text)
		require.Equal(t, c.kind, d.Product+" "+d.Class+" "+d.Acidity, d.Title)
		require.Equal(t, c.roles, rolesOf(d), d.Title)
		var needs []string
		for _, n := range d.Needs {
			needs = append(needs, n.Need)
		}
		require.Equal(t, c.needs, strings.Join(needs, " "), d.Title)
		require.NotEmpty(t, d.Rows, d.Title)
	}
}

// TestDraftDetails: ranges take the end that binds, doses go into each jar by its size, what only
// the table has stays out.
func TestDraftDetails(t *testing.T) {
	t.Parallel()
	d := draft(t, "Tomatoes with basil\n\n21 lb tomatoes, peeled\n1 to 2 Tbsp bottled lemon juice to each pint\n4 to 6 onions\n1 cup honey or sugar\nCream, for serving\n~~1 cup flour~~\n\nPack raw in pints and quarts, 1/2 inch headspace. Process in a boiling water bath: pints 85 minutes, quarts 90 minutes.")
	require.Equal(t, "2 Tbsp bottled lemon juice", strings.ReplaceAll(d.Dose("quart"), "Tbsp.", "Tbsp"), "the smaller end, twice for a quart")
	require.Equal(t, 6.0, d.Lines[2].Amount, "the larger end of what must not grow")
	require.Len(t, d.Lines[3].Like, 1)
	for _, l := range d.Lines {
		require.NotContains(t, []string{"cream", "flour"}, l.Name)
	}
	require.Equal(t, "", d.Dose(""))
	require.Equal(t, 0.5, d.Headspace)
	require.Equal(t, "raw", d.Pack)
}

// TestUnknownFood: what Damson does not know is a line all the same, to be named.
func TestUnknownFood(t *testing.T) {
	t.Parallel()
	d := draft(t, "Plum sauce\n\n4 lb plums\n1 cup zorbleberries\n2 cups vinegar\n\nSimmer. Fill hot pints. Process pints 10 minutes in a water bath canner.")
	require.Len(t, d.Lines, 3)
	require.Nil(t, d.Lines[1].Food)
	require.Empty(t, d.Lines[1].Role)
	require.Equal(t, "plum", d.Lines[0].Food.ID)
}

// TestHigher: what a book adds higher up goes to the rows that end at 1,000 ft, and to no other.
func TestHigher(t *testing.T) {
	t.Parallel()
	row := func(figures string) procedure.Row {
		b, err := procedure.Figures(figures, false, procedure.BathColumns1, procedure.BathColumns3, procedure.BathColumns4)
		require.NoError(t, err)
		return procedure.Row{Method: procedure.WaterBath, Minutes: b}
	}
	p := &procedure.Procedure{Rows: []procedure.Row{row("20"), row("10/15/20"), {Method: procedure.Pressure, Minutes: procedure.Everywhere(75)}}}
	require.NoError(t, book.Higher(p, ""))
	require.Equal(t, "20", p.Rows[0].Minutes.Figures())
	require.NoError(t, book.Higher(p, "5/10/15"))
	require.Equal(t, "20/25/30/35", p.Rows[0].Minutes.Figures())
	require.Equal(t, "10/15/20", p.Rows[1].Minutes.Figures())
	require.Equal(t, "75", p.Rows[2].Minutes.Figures())
	for _, bad := range []string{"ten", "10/5", "5", "5/10/15/20", "-5/10", "5/90"} {
		require.Error(t, book.Higher(&procedure.Procedure{Rows: []procedure.Row{row("20")}}, bad), bad)
	}
	two := &procedure.Procedure{Rows: []procedure.Row{row("20")}}
	require.NoError(t, book.Higher(two, "+5 +10"))
	require.Equal(t, "20/25/30", two.Rows[0].Minutes.Figures())
}
