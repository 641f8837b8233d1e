package knowledge

import (
	"fmt"
	"io/fs"
	"os"
	"strings"
	"testing"
	"testing/fstest"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
	"damson/core/quantity"
)

func loaded(t *testing.T) *Library {
	lib, err := Load()
	require.NoError(t, err)
	return lib
}

// TestReadmeCounts holds the README's figures against the library.
func TestReadmeCounts(t *testing.T) {
	lib := loaded(t)
	text, err := os.ReadFile("../README.md")
	require.NoError(t, err)
	rows := 0
	for _, p := range lib.Procedures.All() {
		rows += len(p.Rows)
	}
	require.Contains(t, strings.Join(strings.Fields(string(text)), " "), fmt.Sprintf("holds %d tested procedures with %d process rows, %d products that have no tested process, %d foods and %d rules of the trade",
		len(lib.Procedures.All()), rows, len(lib.Book.Unprocessed), len(lib.Foods.All()), len(lib.Book.Entries)))
}

// TestHandbookRows holds rows of the handbooks, read from memory a second time
// and not from the files.
func TestHandbookRows(t *testing.T) {
	lib := loaded(t)
	const (
		cg2 = "USDA Complete Guide 2015, guide 2"
		cg3 = "USDA Complete Guide 2015, guide 3"
		cg4 = "USDA Complete Guide 2015, guide 4"
		cg5 = "USDA Complete Guide 2015, guide 5"
		cg6 = "USDA Complete Guide 2015, guide 6"
		cg7 = "USDA Complete Guide 2015, guide 7"
		nch = "NCHFP"
	)
	for _, c := range []struct {
		id, method, gauge, pack, jar string
		feet, minutes, psi           int
		headspace                    float64
		source                       string
	}{
		{"peaches", "water-bath", "", "hot", "pint", 0, 20, 0, 0.5, cg2}, {"peaches", "water-bath", "", "hot", "quart", 5240, 35, 0, 0.5, cg2},
		{"peaches", "water-bath", "", "raw", "pint", 2000, 30, 0, 0.5, cg2}, {"peaches", "water-bath", "", "raw", "quart", 7000, 45, 0, 0.5, cg2},
		{"peaches", "pressure", "dial", "hot", "quart", 5240, 10, 8, 0.5, cg2}, {"peaches", "pressure", "weighted", "raw", "pint", 5240, 10, 10, 0.5, cg2},
		{"apples-sliced", "water-bath", "", "hot", "quart", 1001, 25, 0, 0.5, cg2}, {"pears", "water-bath", "", "hot", "quart", 3001, 35, 0, 0.5, cg2},
		{"plums", "water-bath", "", "raw", "pint", 0, 20, 0, 0.5, cg2}, {"cherries", "water-bath", "", "hot", "pint", 6001, 25, 0, 0.5, cg2},
		{"rhubarb-stewed", "water-bath", "", "hot", "pint", 6000, 20, 0, 0.5, cg2}, {"apple-butter", "water-bath", "", "hot", "quart", 0, 10, 0, 0.25, cg2},
		{"apple-butter", "water-bath", "", "hot", "half-pint", 6001, 15, 0, 0.25, cg2},
		{"tomatoes-whole-water", "water-bath", "", "raw", "pint", 0, 40, 0, 0.5, cg3}, {"tomatoes-whole-water", "water-bath", "", "hot", "quart", 7000, 60, 0, 0.5, cg3},
		{"tomatoes-whole-juice", "water-bath", "", "hot", "pint", 0, 85, 0, 0.5, cg3}, {"tomatoes-whole-no-liquid", "water-bath", "", "raw", "quart", 5240, 95, 0, 0.5, cg3},
		{"tomatoes-crushed", "water-bath", "", "hot", "pint", 0, 35, 0, 0.5, cg3}, {"tomatoes-crushed", "water-bath", "", "hot", "quart", 1001, 50, 0, 0.5, cg3},
		{"salsa-paste-tomatoes", "water-bath", "", "hot", "pint", 5240, 20, 0, 0.5, cg3}, {"salsa-choice", "water-bath", "", "hot", "pint", 0, 15, 0, 0.5, nch},
		{"snap-beans", "pressure", "weighted", "raw", "pint", 300, 20, 10, 1, cg4}, {"snap-beans", "pressure", "dial", "hot", "quart", 5240, 25, 13, 1, cg4},
		{"snap-beans", "pressure", "weighted", "hot", "quart", 1001, 25, 15, 1, cg4}, {"asparagus", "pressure", "dial", "raw", "quart", 0, 40, 11, 1, cg4},
		{"lima-beans", "pressure", "dial", "hot", "pint", 2001, 40, 12, 1, cg4}, {"beets", "pressure", "dial", "hot", "quart", 8000, 35, 14, 1, cg4},
		{"carrots", "pressure", "weighted", "raw", "quart", 0, 30, 10, 1, cg4}, {"corn-whole-kernel", "pressure", "dial", "hot", "quart", 0, 85, 11, 1, cg4},
		{"mushrooms", "pressure", "dial", "hot", "pint", 0, 45, 11, 1, cg4}, {"okra", "pressure", "dial", "hot", "quart", 0, 40, 11, 1, cg4},
		{"peas", "pressure", "dial", "raw", "quart", 0, 40, 11, 1, cg4}, {"peppers", "pressure", "dial", "hot", "pint", 0, 35, 11, 1, cg4},
		{"potatoes", "pressure", "dial", "hot", "quart", 0, 40, 11, 1, cg4}, {"sweet-potatoes", "pressure", "dial", "hot", "pint", 0, 65, 11, 1, cg4},
		{"pumpkin-cubes", "pressure", "dial", "hot", "pint", 0, 55, 11, 1, cg4}, {"greens", "pressure", "dial", "hot", "quart", 0, 90, 11, 1, cg4},
		{"dried-beans", "pressure", "dial", "hot", "pint", 0, 75, 11, 1, cg4}, {"soup", "pressure", "dial", "hot", "pint", 0, 60, 11, 1, cg4},
		{"soup", "pressure", "weighted", "hot", "quart", 5240, 75, 15, 1, cg4}, {"poultry-without-bones", "pressure", "dial", "raw", "quart", 5240, 90, 13, 1.25, cg5},
		{"poultry-with-bones", "pressure", "dial", "hot", "pint", 0, 65, 11, 1.25, cg5}, {"meat-pieces", "pressure", "dial", "raw", "pint", 0, 75, 11, 1, cg5},
		{"meat-ground", "pressure", "dial", "hot", "quart", 0, 90, 11, 1, cg5}, {"stock", "pressure", "dial", "hot", "quart", 0, 25, 11, 1, cg5},
		{"fish", "pressure", "dial", "raw", "pint", 0, 100, 11, 1, cg5}, {"dilled-beans", "water-bath", "", "raw", "pint", 5240, 10, 0, 0.5, cg6},
		{"pickled-beets", "water-bath", "", "hot", "quart", 0, 30, 0, 0.5, cg6}, {"marinated-peppers", "water-bath", "", "raw", "half-pint", 0, 15, 0, 0.5, cg6},
		{"bread-and-butter-pickles", "water-bath", "", "hot", "quart", 0, 10, 0, 0.5, cg6}, {"strawberry-jam-powdered-pectin", "water-bath", "", "hot", "half-pint", 6001, 15, 0, 0.25, cg7},
	} {
		p := lib.Procedures.ByID(c.id)
		require.NotNil(t, p, c.id)
		list, err := p.Find(c.feet, procedure.Filter{Method: c.method, Gauge: c.gauge, Pack: c.pack, Jar: quantity.Jar(c.jar)})
		require.NoError(t, err, "%s (%s)", c.id, c.source)
		found := false
		for _, x := range list {
			found = found || x.Minutes == c.minutes && x.PSI == c.psi && x.HeadspaceIn == c.headspace
		}
		require.True(t, found, "%s %s %s %s at %d ft: want %d min, %d psi, %g in (%s), have %+v", c.id, c.method, c.pack, c.jar, c.feet, c.minutes, c.psi, c.headspace, c.source, list)
	}
	// USDA Complete Guide 2015, guide 4, Soups: seafood 100 minutes either jar.
	for _, jar := range []quantity.Jar{"pint", "quart"} {
		list, err := lib.Procedures.ByID("soup").Find(0, procedure.Filter{Jar: jar, When: "seafood"})
		require.NoError(t, err)
		require.Equal(t, 100, list[0].Minutes)
	}
	// USDA Complete Guide 2015, guide 3: the 15-pound row ends at 1,000 ft.
	for _, x := range lib.Procedures.ByID("tomatoes-whole-juice").At(5240) {
		require.False(t, x.Gauge == "weighted" && x.PSI == 15 && x.Minutes == 15)
	}
}

// FDA, Approximate pH of Foods and Food Products, from memory.
func TestFoodRanges(t *testing.T) {
	lib := loaded(t)
	for id, class := range map[string]string{"tomato": "borderline", "peach": "acid", "snap-bean": "low-acid", "carrot": "low-acid", "lemon-juice": "acid", "salt": "neutral",
		"banana": "borderline", "onion": "low-acid", "strawberry": "acid", "milk": "low-acid", "white-peach": "borderline", "pumpkin": "low-acid"} {
		f := lib.Foods.ByID(id)
		require.NotNil(t, f, id)
		require.Equal(t, class, f.AcidClass(), id)
	}
	require.Equal(t, []float64{4.3, 4.9}, lib.Foods.ByID("tomato").PH)
	require.GreaterOrEqual(t, len(lib.Foods.All()), 100)
}

func TestSchema(t *testing.T) {
	lib := loaded(t)
	require.GreaterOrEqual(t, len(lib.Procedures.All()), 8)
	for _, p := range lib.Procedures.All() {
		require.NoError(t, p.Check())
		require.True(t, p.FromMemory, "%s: nothing has been checked against print yet", p.ID)
	}
	for _, f := range lib.Foods.All() {
		require.True(t, f.FromMemory, f.ID)
		require.NotEmpty(t, f.Source, f.ID)
	}
}

// Times never fall with elevation, pressures neither, and a larger jar never
// gets a shorter time than a smaller one of the same pack, method and gauge.
func TestMonotone(t *testing.T) {
	for _, p := range loaded(t).Procedures.All() {
		for _, gauge := range []string{"dial", "weighted"} {
			last := map[string][2]int{}
			for feet := 0; feet <= 10000; feet += 250 {
				for i, r := range p.Rows {
					if r.Gauge != "" && r.Gauge != gauge {
						continue
					}
					m, ok := r.Minutes.At(feet)
					if !ok {
						continue
					}
					psi, _ := r.PSI.At(feet)
					key := r.Method + r.Pack + r.Jar + r.When + string(rune('a'+i))
					if have, seen := last[key]; seen && psi > 0 {
						require.GreaterOrEqual(t, psi, have[1], "%s %s", p.ID, key)
					}
					require.GreaterOrEqual(t, m, last[key][0], "%s %s", p.ID, key)
					last[key] = [2]int{m, psi}
				}
			}
		}
		for _, a := range p.Rows {
			for _, b := range p.Rows {
				if a.Method != b.Method || a.Gauge != b.Gauge || a.Pack != b.Pack || a.When != b.When || !quantity.Jar(b.Jar).Larger(quantity.Jar(a.Jar)) || !sameBands(a.PSI, b.PSI) {
					continue
				}
				if len(a.PSI) > 0 && len(rowsLike(p, a)) > 1 {
					continue // several time and pressure pairs
				}
				ma, _ := a.Minutes.At(0)
				mb, _ := b.Minutes.At(0)
				require.LessOrEqual(t, ma, mb, "%s: %s against %s", p.ID, a.Jar, b.Jar)
			}
		}
	}
}

func sameBands(a, b procedure.Bands) bool {
	x, _ := a.At(0)
	y, _ := b.At(0)
	return x == y
}

func rowsLike(p *procedure.Procedure, a procedure.Row) []procedure.Row {
	var out []procedure.Row
	for _, r := range p.Rows {
		if r.Method == a.Method && r.Gauge == a.Gauge && r.Pack == a.Pack && r.Jar == a.Jar && r.When == a.When {
			out = append(out, r)
		}
	}
	return out
}

// What is built in is what the files say.
func TestPackedIsCurrent(t *testing.T) {
	changed, err := Compile(files)
	require.NoError(t, err)
	require.Empty(t, changed, "the files have changed: run go generate ./knowledge")
}

var files = os.DirFS(".")

// A malformed file stops the program with file, line and field.
func TestMalformedFiles(t *testing.T) {
	for name, c := range map[string]struct{ file, from, to, want string }{
		"unknown field":     {"foods/fruit.yaml", "{id: apple,", "{id: apple, colour: red,", "colour"},
		"two foods":         {"foods/fruit.yaml", "names: [quince]", "names: [apple]", "belongs to"},
		"pH upside down":    {"foods/fruit.yaml", "ph: [3.12, 3.4]", "ph: [3.4, 3.12]", "ph must be"},
		"no such food":      {"procedures/fruit.yaml", "same: [plum]", "same: [plumm]", "plumm"},
		"falling minutes":   {"procedures/fruit.yaml", "{0-1000: 20, 1001-3000: 25,", "{0-1000: 30, 1001-3000: 25,", "falls"},
		"minutes no number": {"procedures/meat.yaml", "minutes: 75", "minutes: soon", "soon"},
		"pressure unknown":  {"procedures/meat.yaml", "pressure: low-acid}", "pressure: enormous}", "enormous"},
		"not YAML":          {"pressures.yaml", "low-acid:", "low-acid: [", "pressures.yaml"},
	} {
		fsys := fstest.MapFS{}
		require.NoError(t, fs.WalkDir(files, ".", func(path string, d fs.DirEntry, err error) error {
			if err != nil || d.IsDir() || !strings.HasSuffix(path, ".yaml") {
				return err
			}
			data, err := fs.ReadFile(files, path)
			if path == c.file {
				require.Contains(t, string(data), c.from, name)
				data = []byte(strings.Replace(string(data), c.from, c.to, 1))
			}
			fsys[path] = &fstest.MapFile{Data: data}
			return err
		}))
		_, err := LoadFS(fsys)
		require.ErrorContains(t, err, c.file, name)
		require.ErrorContains(t, err, c.want, name)
	}
}
