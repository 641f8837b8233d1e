package ledger_test

import (
	"fmt"
	"math/rand/v2"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/ledger"
	"damson/core/procedure"
)

// from is a check that came in a file.
func from(status, values, on string) ledger.Check {
	c := check(ledger.RowPart(beans().Rows[1]), status, values)
	c.Signed, c.By, c.On = "", "Zeb", on
	return c
}

// here is one that was typed in this kitchen.
func here(status, values, on string) ledger.Check {
	c := from(status, values, on)
	c.By, c.Signed = "Ines", "Ines"
	return c
}

// The row says 20 min at 5/10 psi and 0.5 in.
const asShipped = "20 min; 5/10 psi; 0.5 in"

func TestWhatAFileBringsIsHeld(t *testing.T) {
	for name, c := range map[string]struct {
		checks []ledger.Check
		force  string // what is in force, "" for no row
		by     string
		held   int
	}{
		"the same":                {[]ledger.Check{from(ledger.Same, "", "2026-01-01")}, asShipped, "Zeb", 0},
		"longer":                  {[]ledger.Check{from(ledger.Differs, "25 min; 5/10 psi; 0.5 in", "2026-01-01")}, "25 min; 5/10 psi; 0.5 in", "Zeb", 0},
		"shorter":                 {[]ledger.Check{from(ledger.Differs, "19 min; 5/10 psi; 0.5 in", "2026-01-01")}, asShipped, "", 1},
		"longer, less pressure":   {[]ledger.Check{from(ledger.Differs, "25 min; 5/9 psi; 0.5 in", "2026-01-01")}, asShipped, "", 1},
		"far longer":              {[]ledger.Check{from(ledger.Differs, "90 min; 5/10 psi; 0.5 in", "2026-01-01")}, asShipped, "", 1},
		"another headspace":       {[]ledger.Check{from(ledger.Differs, "20 min; 5/10 psi; 0.25 in", "2026-01-01")}, asShipped, "", 1},
		"signed":                  {[]ledger.Check{from(ledger.Differs, "19 min; 5/10 psi; 0.5 in", "2026-01-01"), here(ledger.Differs, "19 min; 5/10 psi; 0.5 in", "2026-01-01")}, "19 min; 5/10 psi; 0.5 in", "Ines", 0},
		"older than one's own":    {[]ledger.Check{here(ledger.Same, "", "2026-11-20"), from(ledger.Absent, "", "1995-01-01")}, asShipped, "Ines", 0},
		"newer than one's own":    {[]ledger.Check{here(ledger.Same, "", "2026-11-20"), from(ledger.Absent, "", "2026-11-21")}, asShipped, "Ines", 1},
		"longer than one's own":   {[]ledger.Check{here(ledger.Same, "", "2026-11-20"), from(ledger.Differs, "25 min; 5/10 psi; 0.5 in", "2026-11-21")}, asShipped, "Ines", 1},
		"as one's own":            {[]ledger.Check{here(ledger.Differs, "25 min; 5/10 psi; 0.5 in", "2026-11-20"), from(ledger.Differs, "25 min; 5/10 psi; 0.5 in", "2026-11-21")}, "25 min; 5/10 psi; 0.5 in", "Ines", 0},
		"back to what ships":      {[]ledger.Check{here(ledger.Differs, "25 min; 5/10 psi; 0.5 in", "2026-11-20"), from(ledger.Same, "", "2026-11-21")}, "25 min; 5/10 psi; 0.5 in", "Ines", 1},
		"stored late, read early": {[]ledger.Check{from(ledger.Differs, "25 min; 5/10 psi; 0.5 in", "2026-05-01"), from(ledger.Same, "", "2026-04-01")}, "25 min; 5/10 psi; 0.5 in", "Zeb", 0},
		"absent":                  {[]ledger.Check{from(ledger.Absent, "", "2026-01-01")}, "", "", 0},
		"brought back":            {[]ledger.Check{here(ledger.Absent, "", "2026-11-20"), from(ledger.Same, "", "2026-11-21")}, "", "", 1},
	} {
		out, held, err := ledger.Apply([]*procedure.Procedure{beans()}, c.checks)
		require.NoError(t, err, name)
		require.Len(t, held, c.held, name)
		for _, h := range held {
			require.NotEmpty(t, h.Reasons, name)
			require.NotEmpty(t, h.Now, name)
		}
		if c.force == "" {
			require.Len(t, out[0].Rows, 2, name)
			continue
		}
		require.Equal(t, c.force, ledger.RowValues(out[0].Rows[1]), name)
		if c.by == "" {
			require.Nil(t, out[0].Rows[1].Checked, name)
		} else {
			require.Equal(t, c.by, out[0].Rows[1].Checked.By, name)
			require.Equal(t, c.by, ledger.InForce(beans(), c.checks)[c.checks[0].Part].By, name)
		}
	}
}

// What no table can hold is not in force, whoever signs it.
func TestImpossibleFigures(t *testing.T) {
	low := beans()
	low.Acidity, low.Rows = "low-acid", low.Rows[2:]
	part := ledger.RowPart(low.Rows[0])
	for _, values := range []string{"4 min; 10/15 psi; 0.5 in", "15 min; 9/15 psi; 0.5 in", "15 min; 10/26 psi; 0.5 in", "15 min; 10/15 psi; NaN in", "15 min; 10/15 psi; -5 in", "15 min; 10/15 psi; 1e308 in", "15 min; 10/15 psi; 0.1 in", "15 min; 15/10 psi; 0.5 in"} {
		out, held, err := ledger.Apply([]*procedure.Procedure{low}, []ledger.Check{check(part, ledger.Differs, values)})
		require.Error(t, err, values)
		require.Empty(t, held, values)
		require.Equal(t, "15 min; 10/15 psi; 0.5 in", ledger.RowValues(out[0].Rows[0]), values)
	}
	for _, values := range []string{"NaN lb", "-1 lb", "1e9 lb"} {
		_, _, err := ledger.Apply([]*procedure.Procedure{beans()}, []ledger.Check{check("ingredient:plums", ledger.Differs, values)})
		require.Error(t, err, values)
	}
	_, _, err := ledger.Apply([]*procedure.Procedure{beans()}, []ledger.Check{check("ingredient:plums", ledger.Absent, "")})
	require.ErrorContains(t, err, "only a row")
}

// Of a batch, a file may raise the acid and lower what must not grow; the rest waits.
func TestAmountsFromAFile(t *testing.T) {
	for _, c := range []struct {
		role   procedure.Role
		amount float64
		waits  bool
	}{
		{procedure.Acid, 6, false}, {procedure.Acid, 4.5, true}, {procedure.LowAcid, 4.5, false}, {procedure.LowAcid, 5.5, true}, {procedure.Main, 5.5, true}, {procedure.Main, 4.5, true},
		{procedure.FermentSalt, 4, true}, {procedure.Liquid, 6, true}, {procedure.Acid, 20, true}, {procedure.LowAcid, 1, true}, {procedure.Fat, 6, true},
	} {
		p := beans()
		p.Ingredients[0].Role = c.role
		k := check("ingredient:plums", ledger.Differs, fmt.Sprintf("%g lb", c.amount))
		k.Signed = ""
		_, held, err := ledger.Apply([]*procedure.Procedure{p}, []ledger.Check{k})
		require.NoError(t, err)
		require.Equal(t, c.waits, len(held) == 1, "%s %g", c.role, c.amount)
	}
	// Another unit for the same amount changes nothing.
	k := check("ingredient:plums", ledger.Differs, "80 oz")
	k.Signed = ""
	_, held, err := ledger.Apply([]*procedure.Procedure{beans()}, []ledger.Check{k})
	require.NoError(t, err)
	require.Empty(t, held)
}

// No random file lowers any figure of any row at any elevation.
func TestNoFileLowersAnything(t *testing.T) {
	rnd := rand.New(rand.NewPCG(7, 11))
	figure := func() string {
		return []string{"1", "4", "5", "8", "10", "12", "15", "20", "21", "30", "35", "100", "-3", "NaN", "1e9", "x", ""}[rnd.IntN(17)]
	}
	base := beans()
	for range 4000 {
		var list []ledger.Check
		for range 1 + rnd.IntN(4) {
			r := base.Rows[rnd.IntN(len(base.Rows))]
			values := ""
			for i := range r.Minutes {
				values += []string{"", "/"}[min(i, 1)] + figure()
			}
			values += " min"
			if len(r.PSI) > 0 {
				values += "; " + figure() + "/" + figure() + " psi"
			}
			c := check(ledger.RowPart(r), ledger.Differs, values+"; "+[]string{"0.5", "0.25", "1", "NaN"}[rnd.IntN(4)]+" in")
			c.Signed, c.On = "", fmt.Sprintf("20%02d-0%d-11", rnd.IntN(26), 1+rnd.IntN(9))
			if rnd.IntN(5) == 0 {
				c.Status, c.Values = []string{ledger.Same, ledger.Absent}[rnd.IntN(2)], ""
			}
			list = append(list, c)
		}
		out, _, _ := ledger.Apply([]*procedure.Procedure{base}, list)
		for _, r := range out[0].Rows {
			i := 0
			for ledger.RowPart(base.Rows[i]) != ledger.RowPart(shippedRow(base, r)) {
				i++
			}
			was := base.Rows[i]
			require.Equal(t, was.HeadspaceIn, r.HeadspaceIn, list)
			for _, ft := range []int{0, 1000, 1001, 3001, 6001, 12000} {
				a, _ := was.Minutes.At(ft)
				b, _ := r.Minutes.At(ft)
				require.GreaterOrEqual(t, b, a, list)
				a, _ = was.PSI.At(ft)
				b, _ = r.PSI.At(ft)
				require.GreaterOrEqual(t, b, a, list)
			}
		}
	}
}

// shippedRow finds the row that r was before: method, and of two pairs the one whose
// shipped pounds are at most its own.
func shippedRow(p *procedure.Procedure, r procedure.Row) procedure.Row {
	for i := len(p.Rows) - 1; i >= 0; i-- {
		if was := p.Rows[i]; was.Method == r.Method && (len(was.PSI) == 0 || was.PSI[0].Value <= r.PSI[0].Value && was.Minutes[0].Value <= r.Minutes[0].Value) {
			return was
		}
	}
	return p.Rows[0]
}
