package ledger_test

import (
	"bytes"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/ledger"
	"damson/core/procedure"
	"damson/core/quantity"
)

// beans is a small procedure with several time and pressure pairs; its figures
// are invented.
func beans() *procedure.Procedure {
	bath, _ := procedure.Figures("20/25/30/35", false, procedure.BathColumns4)
	low, _ := procedure.Figures("5/10", false, procedure.WeightedColumns)
	high, _ := procedure.Figures("10/15", false, procedure.WeightedColumns)
	row := func(method, gauge string, minutes, psi procedure.Bands) procedure.Row {
		return procedure.Row{Method: method, Gauge: gauge, Pack: "hot", Jar: "pint", HeadspaceIn: 0.5, Minutes: minutes, PSI: psi}
	}
	return &procedure.Procedure{ID: "plums", Title: "Plums", Class: "fruit", Product: "plain", Acidity: "acid", Source: "a book", Section: "Plums", FromMemory: true,
		Ingredients: []procedure.Ingredient{{Name: "plums", Same: []string{"plum"}, Role: procedure.Main, Amount: 5, Unit: quantity.Lb}},
		Rows:        []procedure.Row{row("water-bath", "", bath, nil), row("pressure", "weighted", procedure.Everywhere(20), low), row("pressure", "weighted", procedure.Everywhere(15), high)}}
}

func check(part, status, values string) ledger.Check {
	return ledger.Check{Procedure: "plums", Part: part, Status: status, Values: values, Edition: "2015", Page: "2-26", By: "Ines", On: "2026-11-25", Signed: "Ines"}
}

func apply(t *testing.T, checks ...ledger.Check) *procedure.Procedure {
	t.Helper()
	out, held, err := ledger.Apply([]*procedure.Procedure{beans()}, checks)
	require.NoError(t, err)
	require.Empty(t, held)
	return out[0]
}

func TestPartsTellPairsApart(t *testing.T) {
	seen := map[string]bool{}
	for _, r := range beans().Rows {
		require.False(t, seen[ledger.RowPart(r)], ledger.RowPart(r))
		seen[ledger.RowPart(r)] = true
	}
}

func TestSameKeepsTheValue(t *testing.T) {
	part := ledger.RowPart(beans().Rows[0])
	p := apply(t, check(part, ledger.Same, ""))
	require.Equal(t, "Ines", p.Rows[0].Checked.By)
	require.False(t, p.Rows[0].Checked.Changed)
	require.Equal(t, beans().Rows[0].Minutes, p.Rows[0].Minutes)
	require.False(t, p.At(0)[0].FromMemory)
	require.True(t, p.At(0)[2].FromMemory, "another row is still from memory")
	checked, all := ledger.Progress(p)
	require.Equal(t, [2]int{1, 4}, [2]int{checked, all})
}

func TestDifferencePutInForce(t *testing.T) {
	part := ledger.RowPart(beans().Rows[2])
	p := apply(t, check(part, ledger.Differs, "18 min; 11/15 psi; 0.25 in"))
	require.Equal(t, 18, p.Rows[2].Minutes[0].Value)
	require.Equal(t, 11, p.Rows[2].PSI[0].Value)
	require.Equal(t, 0.25, p.Rows[2].HeadspaceIn)
	require.True(t, p.Rows[2].Checked.Changed)
	// The part's name does not change with its value: a later check finds it.
	p = apply(t, check(part, ledger.Differs, "18 min; 11/15 psi; 0.25 in"), check(part, ledger.Same, ""))
	require.Equal(t, 15, p.Rows[2].Minutes[0].Value, "the newest check is in force")
	require.NoError(t, beans().Check(), "the base is untouched")
}

func TestAbsentRowIsNotUsed(t *testing.T) {
	p := apply(t, check(ledger.RowPart(beans().Rows[0]), ledger.Absent, ""))
	require.Len(t, p.Rows, 2)
}

func TestAmount(t *testing.T) {
	p := apply(t, check("ingredient:plums", ledger.Differs, "6 lb"))
	require.Equal(t, 6.0, p.Ingredients[0].Amount)
	_, err := ledger.ReadAmount(beans().Ingredients[0], "6 cup")
	require.ErrorContains(t, err, "does not measure")
}

func TestWhatIsNotThereIsNamed(t *testing.T) {
	_, _, err := ledger.Apply([]*procedure.Procedure{beans()}, []ledger.Check{check("row:nonsense", ledger.Same, ""), {Procedure: "nowhere", Part: "x", Status: ledger.Same}})
	require.ErrorContains(t, err, "plums")
	require.ErrorContains(t, err, "nowhere")
	_, _, err = ledger.Apply([]*procedure.Procedure{beans()}, []ledger.Check{check(ledger.RowPart(beans().Rows[0]), ledger.Differs, "20/25 min; 0.5 in")})
	require.ErrorContains(t, err, "2 figures for 4 elevation bands")
}

// What lies far from the recall, falls with elevation or is used by no source
// is asked about again.
func TestDoubts(t *testing.T) {
	was := beans().Rows[0]
	for values, doubted := range map[string]bool{
		"20/25/30/35 min; 0.5 in": false, "25/30/35/40 min; 0.5 in": false, "200/205/210/215 min; 0.5 in": true, "2/25/30/35 min; 0.5 in": true,
		"20/25/30/20 min; 0.5 in": true, "20/25/30/35 min; 3 in": true,
	} {
		is, err := ledger.ReadRow(was, values)
		require.NoError(t, err, values)
		require.Equal(t, doubted, len(ledger.Doubts(was, is)) > 0, values)
	}
	_, err := ledger.ReadRow(was, "twenty min")
	require.Error(t, err)
}

func TestLedgerFile(t *testing.T) {
	list := []ledger.Check{check("row:a|b", ledger.Same, ""), check("ingredient:sugar, white", ledger.Differs, `2 cup`)}
	var b bytes.Buffer
	require.NoError(t, ledger.WriteCSV(&b, list))
	back, err := ledger.ReadCSV(&b, today)
	require.NoError(t, err)
	for i := range list {
		list[i].Signed = "" // a file signs nothing
	}
	require.Equal(t, list, back)
	back, err = ledger.ReadCSV(strings.NewReader("\ufeff"+head+"p,r,same,,2015,,Ines,2026-11-25\r\n"), today)
	require.NoError(t, err, "as a spreadsheet writes it")
	require.Len(t, back, 1)

	for text, want := range map[string]string{
		"":                      "line 1",
		"procedure,part\nx,y\n": "line 1",
		"other\n":               "line 1",
		head + "p,r,same,,2015": "line 2",
		head + "p,r,maybe,,2015,,Ines,2026-11-25\n":       "line 2: status",
		head + "p,r,same,,2015,,,2026-11-25\n":            "line 2: say who",
		head + "p,r,same,,,,Ines,2026-11-25\n":            "line 2: say which edition",
		head + "p,r,differs,,2015,,Ines,2026-11-25\n":     "line 2: a difference needs",
		head + "p,r,same,,2015,,Ines,2026-11-27\n":        "line 2: the day 2026-11-27 is still to come",
		head + "p,r,same,,2015,,Ines,2026-02-30\n":        "line 2: the day",
		head + "p,r,same,20 min,2015,,Ines,2026-11-25\n":  "line 2: status same has no values",
		head + "p,r,same,,2015,,Ines,yesterday\n":         "line 2: the day",
		head + "p,r,same,,2015,,I,2026-11-25\n,,,,,,,\n":  "line 3: procedure",
		head + "p,r,same,,2015,,\"Ines\"x\",2026-11-25\n": "line 2",
	} {
		_, err := ledger.ReadCSV(strings.NewReader(text), today)
		require.ErrorContains(t, err, want, text)
	}
}

const today = "2026-11-26"

const head = "procedure,part,status,values,edition,page,by,on\n"
