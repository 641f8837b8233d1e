package library_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/food"
	"damson/core/library"
	"damson/core/procedure"
	"damson/core/rulebook"
	"damson/knowledge"
)

func shipped(t testing.TB) *library.Library {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	return lib
}

// What people type, and what must come first.
func TestSearch(t *testing.T) {
	x := library.NewIndex(shipped(t), map[library.Hit][]string{{Kind: library.KindRule, ID: "dairy", Title: "No dairy in the jar"}: {"milk, cream, cheese"}})
	for q, want := range map[string]string{
		"dilly bea":     "procedure dilled-beans",
		"courgette":     "no process no-summer-squash",
		"scallion":      "food scallion",
		"spring oni":    "food scallion",
		"garbanzo":      "food chickpea",
		"green bean":    "procedure snap-beans",
		"apple bu":      "procedure apple-butter",
		"pumpkin butt":  "no process no-pumpkin-puree",
		"T08":           "rule T08",
		"no dairy":      "rule dairy",
		"venting":       "rule E08",
		"how long to v": "debated point venting",
		"clove of gar":  "equivalent clove-garlic",
		"no. 10 can":    "equivalent can-no-10",
	} {
		hits := x.Find(q, 200)
		require.NotEmpty(t, hits, q)
		found := -1
		for i, h := range hits {
			if h.Kind+" "+h.ID == want {
				found = i
				break
			}
		}
		require.GreaterOrEqual(t, found, 0, "%s: %v", q, hits)
		require.Less(t, found, 6, "%s: %v", q, hits[:min(8, len(hits))])
	}
	require.Empty(t, x.Find("", 10))
	require.Empty(t, x.Find("  ", 10))
	require.Empty(t, x.Find("zzzz", 10))
	require.Len(t, x.Find("a", 5), 5)
}

func TestUsesAndStandIns(t *testing.T) {
	lib := shipped(t)
	ids := func(list []*procedure.Procedure) string {
		var out []string
		for _, p := range list {
			out = append(out, p.ID)
		}
		return strings.Join(out, " ")
	}
	same, like := lib.Uses(lib.Foods.ByID("poblano"))
	require.Contains(t, ids(same), "peppers")
	require.Contains(t, ids(like), "salsa-paste-tomatoes")
	names := map[string]bool{}
	for _, f := range lib.StandsFor(lib.Foods.ByID("onion")) {
		names[f.ID] = true
	}
	require.True(t, names["red-onion"])
	require.False(t, names["leek"], "a leek is no bulb onion")
	require.NotEmpty(t, lib.Without(lib.Foods.ByID("white-peach")))
	require.Empty(t, lib.Without(lib.Foods.ByID("peach")))
}

// The book may not speak of what is not there.
func TestCrossReferences(t *testing.T) {
	foods := []*food.Food{{ID: "plum", Names: []string{"plum"}, Kind: "fruit", Source: "x"}}
	for _, c := range []struct {
		book rulebook.Book
		want string
	}{
		{rulebook.Book{Points: []*rulebook.Point{{ID: "p", Title: "t", Followed: "f", Why: "w", Procedures: []string{"nowhere"}}}}, "no procedure"},
		{rulebook.Book{Points: []*rulebook.Point{{ID: "p", Title: "t", Followed: "f", Why: "w", Rules: []string{"Z99"}}}}, "no rule"},
		{rulebook.Book{Unprocessed: []*rulebook.Unprocessed{{ID: "u", Title: "t", Reason: "r", Instead: "i", Source: "s", Foods: []string{"cake"}}}}, "no food"},
		{rulebook.Book{Equivalents: []*rulebook.Equivalent{{ID: "e", Unit: "cup", Of: "cake", Source: "s"}}}, "no food"},
		{rulebook.Book{Equivalents: []*rulebook.Equivalent{{ID: "e", Unit: "cup", Low: 3, High: 1, Source: "s"}}}, "low lies above high"},
		{rulebook.Book{Entries: []*rulebook.Entry{{ID: "A01", Title: "t", Why: "w", Source: "s", Sure: "high"}}}, "no case"},
		{rulebook.Book{Entries: []*rulebook.Entry{{ID: "A01", Cases: []rulebook.Case{{}}}, {ID: "A01"}}}, "taken"},
	} {
		_, err := library.New(foods, nil, &c.book, nil, nil, nil)
		require.ErrorContains(t, err, c.want)
	}
}

// Search answers in under 20 ms for any beginning of any name.
func BenchmarkSearch(b *testing.B) {
	lib := shipped(b)
	x := library.NewIndex(lib, nil)
	var queries []string
	for _, f := range lib.Foods.All() {
		for n := 1; n <= len(f.Names[0]); n++ {
			queries = append(queries, strings.ToValidUTF8(f.Names[0][:n], ""))
		}
	}
	b.ResetTimer()
	for i := 0; b.Loop(); i++ {
		x.Find(queries[i%len(queries)], 40)
	}
}
