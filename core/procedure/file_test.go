package procedure_test

import (
	"bytes"
	"os"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
	"damson/core/quantity"
	"damson/knowledge"
)

// TestFileRoundTrip: every procedure of the library comes back as it went out, but for who has seen
// it in print.
func TestFileRoundTrip(t *testing.T) {
	t.Parallel()
	lib, err := knowledge.Load()
	require.NoError(t, err)
	var list []*procedure.Procedure
	for _, p := range lib.Procedures.All() {
		own := *p
		own.ID = procedure.OwnPrefix + p.ID
		list = append(list, &own)
	}
	var out bytes.Buffer
	require.NoError(t, procedure.WriteFile(&out, list))
	require.True(t, procedure.IsFile(out.Bytes()))
	back, err := procedure.ReadFile(out.Bytes())
	require.NoError(t, err)
	require.Len(t, back, len(list))
	for i, p := range back {
		require.Empty(t, procedure.Differences(list[i], p), p.ID)
	}
	require.NotContains(t, out.String(), "Checked")
}

// TestFormatsDocument: the example of the document is a file that is read.
func TestFormatsDocument(t *testing.T) {
	t.Parallel()
	doc, err := os.ReadFile("../../docs/formats.md")
	require.NoError(t, err)
	var b strings.Builder
	for _, line := range strings.Split(string(doc), "\n") {
		if strings.HasPrefix(line, "    ") {
			b.WriteString(line + "\n")
		}
	}
	list, err := procedure.ReadFile([]byte(b.String()))
	require.NoError(t, err)
	require.Equal(t, "own-plum-chutney", list[0].ID)
	require.Equal(t, "10/15/20", list[0].Rows[0].Minutes.Figures())
}

func TestFileRefused(t *testing.T) {
	t.Parallel()
	const good = `{"damson_procedures":1,"procedures":[{"id":"own-x","title":"X","class":"relish","product":"relish","acidity":"acidified","source":"B","section":"p","ingredients":[{"name":"plums","foods":["plum"],"role":"main"},{"name":"v","foods":["vinegar"],"role":"acid","amount":1,"unit":"cup"}],"processes":[{"method":"water-bath","pack":"hot","jar":"pint","headspace_in":0.5,"minutes":{"0-1000":10}}]}]}`
	_, err := procedure.ReadFile([]byte(good))
	require.NoError(t, err)
	for _, c := range []struct{ from, to, want string }{
		{`"damson_procedures":1`, `"damson_procedures":2`, "use a newer Damson"},
		{`"damson_procedures":1`, `"damson_procedures":0`, "no file of procedures"},
		{`"own-x"`, `"plums"`, `begins with "own-"`},
		{`"title":"X"`, `"titel":"X"`, "unknown field"},
		{`"role":"acid"`, `"role":"hero"`, "known role"},
		{`"0-1000":10`, `"0-1000":1`, "outside 5 to 160"},
		{`"acidity":"acidified"`, `"acidity":"low-acid"`, "no water-bath process"},
		{`"source":"B"`, `"source":""`, "source and section"},
		{good, `[]`, "no file of procedures"},
		{good, `{`, "no file of procedures"},
	} {
		_, err := procedure.ReadFile([]byte(strings.Replace(good, c.from, c.to, 1)))
		require.ErrorContains(t, err, c.want, c.to)
	}
}

// TestDifferences names what another kitchen's version has otherwise.
func TestDifferences(t *testing.T) {
	t.Parallel()
	lib, err := knowledge.Load()
	require.NoError(t, err)
	mine := lib.Procedures.ByID("dilled-beans")
	require.Nil(t, procedure.Differences(mine, mine))
	his := *mine
	his.Ingredients = append([]procedure.Ingredient(nil), mine.Ingredients[1:]...)
	his.Ingredients = append(his.Ingredients, procedure.Ingredient{Name: "carrots", Same: []string{"carrot"}, Role: procedure.LowAcid, Amount: 1, Unit: quantity.Cup})
	his.Rows = append([]procedure.Row(nil), mine.Rows...)
	his.Rows[0].Minutes = procedure.Everywhere(5)
	his.Section = "page 3"
	got := strings.Join(procedure.Differences(mine, &his), "\n")
	for _, want := range []string{"theirs nothing", "carrots: yours nothing, theirs “1 cup, low-acid (carrot)”", "water-bath, raw, pint: yours “5/10/15 min", "theirs “5 min", "page 3"} {
		require.Contains(t, got, want)
	}
}
