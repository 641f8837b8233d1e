package cells_test

import (
	"encoding/csv"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"damson/core/cells"
)

// The marks are those of OWASP's page on CSV injection, from memory.
func TestGuard(t *testing.T) {
	for was, want := range map[string]string{
		"=1+1": "'=1+1", "+1-2": "'+1-2", "-1+1": "'-1+1", "@SUM(A1)": "'@SUM(A1)", "\t=1": "'\t=1", "\r=1": "'\r=1", " =1+1": "' =1+1", "=HYPERLINK(\"http://x.invalid\")": "'=HYPERLINK(\"http://x.invalid\")",
		"-3.5": "-3.5", "+4": "+4", "4 lb beans": "4 lb beans", "": "", "'quoted'": "'quoted'", "'=1": "''=1", "- 2 cups salt": "'- 2 cups salt", "-": "'-",
	} {
		require.Equal(t, want, cells.Guard(was), was)
		require.Equal(t, was, cells.Plain(cells.Guard(was)), was)
	}
	require.Equal(t, "-3.5", cells.Plain("'-3.5"), "a spreadsheet that guards numbers too")
}

// Whatever is written reads back as it was, and no cell begins with a mark of a formula.
func TestGuardAndPlain(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		row := rapid.SliceOfN(rapid.StringOf(rapid.SampledFrom([]rune("'=+-@\t 1a.,\""))), 1, 5).Draw(t, "row")
		var b strings.Builder
		w := cells.NewWriter(&b)
		require.NoError(t, w.Write(row...))
		require.NoError(t, w.Flush())
		if b.String() == "\n" {
			return // one empty cell: csv reads no row
		}
		got, err := csv.NewReader(strings.NewReader(b.String())).Read()
		require.NoError(t, err)
		for i, c := range got {
			bare := strings.TrimLeft(c, " ")
			if bare != "" && strings.ContainsRune("=@\t", rune(bare[0])) {
				t.Fatalf("cell %q of %q", c, row[i])
			}
		}
		require.Equal(t, row, cells.PlainRow(got))
	})
}
