package rulebook_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/rulebook"
)

func book() *rulebook.Book {
	rule := func(id string, codes ...string) *rulebook.Entry {
		return &rulebook.Entry{ID: id, Title: id, Codes: codes, Cases: []rulebook.Case{{When: "always", Then: "so"}},
			Why: "heat", Source: "a guide", Sure: "sure"}
	}
	return &rulebook.Book{
		Entries:     []*rulebook.Entry{rule("thick", "puree", "thickener"), rule("starch", "thickener")},
		Points:      []*rulebook.Point{{ID: "lids", Title: "Lids", Followed: "new ones", Why: "seals", Rules: []string{"thick"}}},
		Unprocessed: []*rulebook.Unprocessed{{ID: "mash", Title: "Mash", Reason: "dense", Instead: "cubes", Source: "a guide"}},
		Equivalents: []*rulebook.Equivalent{{ID: "knob", Word: "a knob", Low: 1, High: 2, Is: "tbsp", Source: "a guide"}},
	}
}

func TestFound(t *testing.T) {
	b := book()
	require.NoError(t, b.Check())
	require.Equal(t, "starch", b.Entry("starch").ID)
	require.Equal(t, "lids", b.Point("lids").ID)
	require.Equal(t, "mash", b.Product("mash").ID)
	for _, none := range []any{b.Entry("x"), b.Point("x"), b.Product("x")} {
		require.Nil(t, none)
	}
	var ids []string
	for _, e := range b.For("thickener") {
		ids = append(ids, e.ID)
	}
	require.Equal(t, []string{"starch", "thick"}, ids, "whose main code it is comes first")
	require.Empty(t, b.For("lid"))
}

// A book that is wrong says what is, and where.
func TestWrongBooks(t *testing.T) {
	for want, spoil := range map[string]func(*rulebook.Book){
		`rule "thick": the id is missing or taken`:              func(b *rulebook.Book) { b.Entries[1].ID = "thick" },
		`rule "starch": a text is missing`:                      func(b *rulebook.Book) { b.Entries[1].Source = " " },
		`rule "starch": no case`:                                func(b *rulebook.Book) { b.Entries[1].Cases = nil },
		`point "lids": there is no rule "x"`:                    func(b *rulebook.Book) { b.Points[0].Rules = []string{"x"} },
		`product "mash": a text is missing`:                     func(b *rulebook.Book) { b.Unprocessed[0].Instead = "" },
		`product "mash": there is no rule "x"`:                  func(b *rulebook.Book) { b.Unprocessed[0].Rules = []string{"x"} },
		`equivalent "knob": low lies above high, or it has no `: func(b *rulebook.Book) { b.Equivalents[0].Low = 3 },
	} {
		b := book()
		spoil(b)
		require.ErrorContains(t, b.Check(), want)
	}
}
