package knowledge_test

import (
	"fmt"
	"os"
	"sort"
	"strconv"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
	"damson/core/quantity"
	"damson/knowledge"
)

// pressureSets are the column sets of the second recall: dial and weighted
// pounds at the lowest elevation.
var pressureSets = map[string]map[string]int{"low": {"dial": 11, "weighted": 10}, "acid": {"dial": 6, "weighted": 5}, "fifteen": {"weighted": 15}}

// recallKeys expands one line of recall/rows.txt into a key for each row that
// it stands for, with the figures at the end.
func recallKeys(t *testing.T, line string) []string {
	id, rest, _ := strings.Cut(line, " | ")
	f := strings.Fields(rest)
	require.GreaterOrEqual(t, len(f), 5, line)
	head, err := strconv.ParseFloat("0"+strings.TrimPrefix(f[3], "0"), 64)
	require.NoError(t, err, line)
	var out []string
	for _, pack := range strings.Split(f[1], ",") {
		for _, jar := range strings.Split(f[2], ",") {
			if f[0] == "wb" {
				out = append(out, fmt.Sprintf("%s water-bath  %s %s  = %g in, %s min", id, pack, jar, head, f[4]))
				continue
			}
			when := ""
			if len(f) > 6 {
				when = f[6]
			}
			for gauge, psi := range pressureSets[f[5]] {
				out = append(out, fmt.Sprintf("%s pressure %s %s %s %s = %g in, %s min, %d psi", id, gauge, pack, jar, when, head, f[4], psi))
			}
		}
	}
	return out
}

func rowKey(p *procedure.Procedure, r procedure.Row) string {
	var min []string
	for _, b := range r.Minutes {
		min = append(min, strconv.Itoa(b.Value))
	}
	s := fmt.Sprintf("%s %s %s %s %s %s = %g in, %s min", p.ID, r.Method, r.Gauge, r.Pack, r.Jar, r.When, r.HeadspaceIn, strings.Join(min, "/"))
	if len(r.PSI) > 0 {
		s += fmt.Sprintf(", %d psi", r.PSI[0].Value)
	}
	return s
}

// The process tables against a second recall written without a look at the
// first: every row must stand in both. Where the two differed, RECALL.md says
// how it was decided.
func TestSecondRecall(t *testing.T) {
	data, err := os.ReadFile("recall/rows.txt")
	require.NoError(t, err)
	lib, err := knowledge.Load()
	require.NoError(t, err)
	second := map[string]bool{}
	source := ""
	for _, line := range strings.Split(string(data), "\n") {
		if s, ok := strings.CutPrefix(line, "## "); ok {
			source = s
			continue
		}
		if line == "" || strings.HasPrefix(line, "#") {
			continue
		}
		id, _, _ := strings.Cut(line, " | ")
		p := lib.Procedures.ByID(id)
		require.NotNil(t, p, line)
		require.Equal(t, source, p.Source, line)
		for _, k := range recallKeys(t, line) {
			require.False(t, second[k], "twice: %s", k)
			second[k] = true
		}
	}
	var diff []string
	rows := 0
	for _, p := range lib.Procedures.All() {
		for _, r := range p.Rows {
			rows++
			if k := rowKey(p, r); second[k] {
				delete(second, k)
			} else {
				diff = append(diff, "only in the library:  "+k)
			}
		}
	}
	for k := range second {
		diff = append(diff, "only in the recall: "+k)
	}
	sort.Strings(diff)
	require.Empty(t, diff, strings.Join(diff, "\n"))
	require.GreaterOrEqual(t, rows, 500, "the library has lost rows")
	t.Logf("%d rows stand in both", rows)
}

// The acid of acidified procedures against the second recall.
func TestSecondRecallOfAcid(t *testing.T) {
	data, err := os.ReadFile("recall/acid.txt")
	require.NoError(t, err)
	want := map[string]string{}
	for _, line := range strings.Split(string(data), "\n") {
		if id, rest, ok := strings.Cut(line, " | "); ok && !strings.HasPrefix(line, "#") {
			want[id] = rest
		}
	}
	lib, err := knowledge.Load()
	require.NoError(t, err)
	for _, p := range lib.Procedures.All() {
		if p.Acidity == "acidified" {
			require.Equal(t, want[p.ID], acidOf(p), p.ID)
			delete(want, p.ID)
		}
	}
	require.Empty(t, want)
}

// acidOf writes main food, acid and diluting liquid as recall/acid.txt does.
func acidOf(p *procedure.Procedure) string {
	sum := func(role procedure.Role) string {
		total, unit := 0.0, quantity.None
		for _, in := range p.Ingredients {
			if in.Role != role || in.Amount == 0 || in.Write == "-" {
				continue
			}
			v, ok := quantity.Convert(in.Amount, in.Unit, unit)
			if unit == quantity.None {
				v, unit, ok = in.Amount, in.Unit, true
			}
			if !ok {
				return "units differ"
			}
			total += v
		}
		if total == 0 {
			return "-"
		}
		return fmt.Sprintf("%g %s", total, unit)
	}
	var acids []string
	for _, in := range p.Ingredients {
		if in.Role == procedure.Acid {
			s := fmt.Sprintf("%g %s", in.Amount, in.Unit)
			if in.Per != "" {
				s += " per " + string(in.Per)
			}
			acids = append(acids, s)
		}
	}
	return sum(procedure.Main) + " | " + strings.Join(acids, " + ") + " | " + sum(procedure.Liquid)
}
