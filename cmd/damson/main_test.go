package main

import (
	"bytes"
	"context"
	"encoding/csv"
	"encoding/json"
	"io"
	"net"
	"net/http"
	"os"
	"path/filepath"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/require"
)

// call runs the command and returns what it printed and the exit status.
func call(t *testing.T, stdin string, args ...string) (string, int, error) {
	t.Helper()
	root := newRoot()
	var out bytes.Buffer
	root.SetOut(&out)
	root.SetIn(strings.NewReader(stdin))
	root.SetArgs(args)
	err := root.Execute()
	code := 0
	if err != nil {
		code = exitUsage
		if e, ok := err.(*exit); ok {
			code = e.code
		}
	}
	return out.String(), code, err
}

func TestReviewExitStatus(t *testing.T) {
	for text, want := range map[string]int{
		"Green beans\n4 lb green beans\nwater\nPack raw in pints.":                        0,
		"Green beans\n4 lb green beans\nwater\n1 cup cream\nPack raw in pints.":           exitChange,
		"My salsa\n6 cups tomatoes\n3 cups mango\n2 cups black beans, canned\n1 tsp salt": exitUntested,
		"White peaches\n10 lb white peaches\nwater":                                       exitStop,
	} {
		out, code, _ := call(t, text, "review", "--json", "--elevation", "300ft", "-")
		require.Equal(t, want, code, "%s\n%s", text, out)
		require.True(t, json.Valid([]byte(out)))
		require.Equal(t, 1, strings.Count(out, "\n"), "one object a line")
		human, code, _ := call(t, text, "review", "--elevation", "300ft", "-")
		require.Equal(t, want, code)
		require.Contains(t, human, "Follow the canner maker's book")
	}
}

// The worst of several recipes gives the exit status.
func TestReviewSeveral(t *testing.T) {
	dir := t.TempDir()
	ok, bad := filepath.Join(dir, "a.txt"), filepath.Join(dir, "b.json")
	require.NoError(t, os.WriteFile(ok, []byte("Green beans\n4 lb green beans\nwater\nPack raw in pints."), 0o600))
	require.NoError(t, os.WriteFile(bad, []byte(`[{"@type":"Recipe","name":"White peaches","recipeIngredient":["10 lb white peaches","water"]}]`), 0o600))
	out, code, _ := call(t, "", "review", "--json", "--elevation", "300ft", ok, bad)
	require.Equal(t, exitStop, code)
	require.Equal(t, 2, strings.Count(out, "\n"))
}

func TestBadUsage(t *testing.T) {
	dir := t.TempDir()
	binary, empty, broken := filepath.Join(dir, "x.bin"), filepath.Join(dir, "e.txt"), filepath.Join(dir, "b.json")
	require.NoError(t, os.WriteFile(binary, []byte("PK\x00\x01"), 0o600))
	require.NoError(t, os.WriteFile(empty, nil, 0o600))
	require.NoError(t, os.WriteFile(broken, []byte("{\n\"a\": 1,\n"), 0o600))
	for _, c := range []struct {
		want string
		args []string
	}{
		{"x.bin: line 1", []string{"review", binary}}, {"e.txt: line 1", []string{"review", empty}}, {"b.json: line", []string{"review", broken}},
		{"nowhere.txt: line 0", []string{"review", filepath.Join(dir, "nowhere.txt")}}, {"at least one file", []string{"review"}},
		{"--jar", []string{"review", "--jar", "bucket", "-"}}, {"--elevation", []string{"review", "--elevation", "high", "-"}},
		{"--gauge", []string{"review", "--gauge", "loud", "-"}}, {"no such procedure", []string{"review", "--procedure", "cake", "-"}},
		{"unknown flag", []string{"review", "--cook"}}, {"--procedure is needed", []string{"process"}}, {"--data", []string{"serve"}},
		{"--allow-remote", []string{"demo", "--addr", "0.0.0.0:0"}}, {"--addr", []string{"demo", "--addr", "here"}}, {"line 1", []string{"parse", binary}},
	} {
		_, code, err := call(t, "x", c.args...)
		require.Equal(t, exitUsage, code, "%v", c.args)
		require.ErrorContains(t, err, c.want, "%v", c.args)
		require.NotContains(t, err.Error(), "\n", "one line")
	}
}

func TestProcess(t *testing.T) {
	out, code, _ := call(t, "", "process", "--procedure", "snap-beans", "--jar", "quart", "--pack", "hot", "--elevation", "5240ft", "--gauge", "dial", "--json")
	require.Zero(t, code)
	var got struct{ Process map[string]any }
	require.NoError(t, json.Unmarshal([]byte(out), &got))
	require.Equal(t, "snap-beans", got.Process["procedure"])
	require.EqualValues(t, 25, got.Process["minutes"])
	require.EqualValues(t, 13, got.Process["psi"])
	require.Equal(t, true, got.Process["from_memory"])

	out, code, _ = call(t, "", "process", "--procedure", "mushrooms", "--jar", "quart", "--elevation", "0ft", "--json")
	require.Equal(t, exitUntested, code)
	require.Contains(t, out, `"process":null`)
	require.Contains(t, out, `"reason":"`)
}

func TestParse(t *testing.T) {
	out, code, _ := call(t, "1 cup sugar\n\n\n1/0 cup salt\n2 lb plums & pears\n", "parse", "--json", "-")
	require.Zero(t, code)
	lines := strings.Split(strings.TrimSpace(out), "\n")
	require.Len(t, lines, 3)
	require.Contains(t, lines[1], `"line":4`)
	require.Contains(t, lines[1], `"reading":"unclear"`)
	require.Contains(t, lines[2], `plums & pears`, "text is as given")
}

func TestLists(t *testing.T) {
	for _, c := range []struct {
		name   string
		fields []string
	}{
		{"procedures", []string{"id", "title", "class", "acidity", "source", "section", "from_memory", "ingredients", "requirements", "permits", "forbids", "processes"}},
		{"foods", []string{"id", "names", "kind", "ph_low", "ph_high", "acid_class", "acids", "g_per_cup", "source", "from_memory"}},
		{"rules", []string{"code", "title", "looks_for", "why", "way_round", "source"}},
	} {
		out, code, _ := call(t, "", c.name, "--json")
		require.Zero(t, code)
		lines := strings.Split(strings.TrimSpace(out), "\n")
		require.Greater(t, len(lines), 8, c.name)
		for _, l := range lines {
			var m map[string]any
			require.NoError(t, json.Unmarshal([]byte(l), &m))
			for _, f := range c.fields {
				require.Contains(t, m, f, c.name)
			}
		}
		plain, code, _ := call(t, "", c.name)
		require.Zero(t, code)
		require.NotContains(t, plain, "{")
	}
}

// The review for people says the same as the JSON, in words.
func TestReviewForPeople(t *testing.T) {
	text := "Vegetable soup\n3 cups carrots, peeled\n3 cups peas\n10 cups broth\n1 cup cream\nFill jars half full of solids."
	out, code, _ := call(t, text, "review", "--elevation", "5240ft", "--gauge", "dial", "--jar", "quart", "-")
	require.Equal(t, exitChange, code)
	for _, want := range []string{
		"Vegetable soup — CHANGE FIRST",
		"Compared with: Soups",
		"from memory",
		"line 5 [change, dairy] Leave the cream out.",
		"Once changed:",
		"pressure canner, quarts, hot pack: 75 min at 13 psi, dial gauge; headspace 1 in",
		"When you open the jar:",
		"Stir in 1 cup cream.",
		"At 5240 ft water boils at 202.4 °F (94.7 °C).",
	} {
		require.Contains(t, out, want)
	}

	out, code, _ = call(t, "White peaches\n10 lb white peaches\nwater", "review", "-")
	require.Equal(t, exitStop, code)
	require.Contains(t, out, "No process: nobody has tested this")
	require.Contains(t, out, "Freeze; can yellow-flesh fruit.")
	require.Contains(t, out, "Assumed: sea level")
	require.NotContains(t, out, " min")

	out, code, _ = call(t, "Tomatoes\n20 lb tomatoes, peeled\n1/2 tsp citric acid per quart\nwater", "review", "--elevation", "1600m", "--jar", "1l", "--pack", "raw", "-")
	require.Zero(t, code)
	require.Contains(t, out, "in each jar 2 Tbsp bottled lemon juice or ½ tsp citric acid")
	require.Contains(t, out, "water bath, quarts, raw pack: 55 min")
}

func TestProcessForPeople(t *testing.T) {
	out, code, _ := call(t, "", "process", "--procedure", "tomatoes-whole-water", "--jar", "500ml", "--pack", "hot", "--elevation", "5240ft", "--method", "water-bath")
	require.Zero(t, code)
	require.Contains(t, out, "50 min")
	require.Contains(t, out, "1 Tbsp bottled lemon juice")
	out, code, _ = call(t, "", "process", "--procedure", "cake")
	require.Equal(t, exitUntested, code)
	require.Contains(t, out, "No process:")
	out, code, _ = call(t, "", "process", "--procedure", "soup", "--when", "seafood", "--jar", "pint", "--json")
	require.Zero(t, code)
	require.Contains(t, out, `"minutes":100`)
}

func TestStatus(t *testing.T) {
	require.Equal(t, 0, status("clear"))
	require.Equal(t, 3, status("change"))
	require.Equal(t, 4, status("untested"))
	require.Equal(t, 5, status("stop"))
	require.Equal(t, 1, jsonLine("{", os.ErrInvalid))
}

func TestHelp(t *testing.T) {
	out, code, _ := call(t, "", "--help")
	require.Zero(t, code)
	require.Contains(t, out, "never makes a process time of its own")
	for _, name := range []string{"demo", "serve", "review", "parse", "process", "procedures", "foods", "rules"} {
		require.Contains(t, out, name)
	}
	require.Equal(t, exitUsage, run([]string{"review", "--jar", "bucket", "-"}))
}

// The demo starts on a throw-away copy, serves, and stops when told.
func TestDemoServes(t *testing.T) {
	ctx, cancel := context.WithCancel(context.Background())
	defer cancel()
	ln, err := net.Listen("tcp", "127.0.0.1:0")
	require.NoError(t, err)
	addr := ln.Addr().String()
	require.NoError(t, ln.Close())
	root := newRoot()
	root.SetArgs([]string{"demo", "--addr", addr})
	root.SetOut(io.Discard)
	done := make(chan error, 1)
	go func() { done <- root.ExecuteContext(ctx) }()
	require.Eventually(t, func() bool {
		resp, err := http.Get("http://" + addr + "/")
		if err != nil {
			return false
		}
		defer resp.Body.Close()
		body, err := io.ReadAll(resp.Body)
		return err == nil && strings.Contains(string(body), "Cinder Flat Grange")
	}, 20*time.Second, 20*time.Millisecond)

	// A second one cannot have the same address, and says so.
	_, code, err := call(t, "", "demo", "--addr", addr)
	require.Equal(t, exitFault, code)
	require.ErrorContains(t, err, "cannot listen")

	cancel()
	require.NoError(t, <-done)
}

// The library as a table: as many lines as things, the same heading each time.
func TestLibraryAsCSV(t *testing.T) {
	for use, least := range map[string]int{"procedures": 500, "foods": 420, "rules": 50} {
		out, code, _ := call(t, "", use, "--csv")
		require.Zero(t, code)
		rows, err := csv.NewReader(strings.NewReader(out)).ReadAll()
		require.NoError(t, err, "every line has as many fields as the heading")
		require.Greater(t, len(rows), least, use)
		_, code, _ = call(t, "", use, "--csv", "--json")
		require.Equal(t, exitUsage, code)
	}
}

// A malformed knowledge file: the program refuses to start and names file, line
// and field.
func TestMalformedKnowledge(t *testing.T) {
	dir := t.TempDir()
	require.NoError(t, os.CopyFS(dir, os.DirFS("../../knowledge")))
	_, err := loadLibrary(dir)
	require.NoError(t, err)
	path := filepath.Join(dir, "foods", "fruit.yaml")
	data, err := os.ReadFile(path)
	require.NoError(t, err)
	require.NoError(t, os.WriteFile(path, bytes.Replace(data, []byte("{id: apple,"), []byte("{id: apple, colour: red,"), 1), 0o600))
	_, code, err := call(t, "", "serve", "--data", t.TempDir(), "--knowledge", dir, "--addr", "127.0.0.1:0")
	require.Equal(t, exitUsage, code)
	require.ErrorContains(t, err, "foods/fruit.yaml: line")
	require.ErrorContains(t, err, "colour")
}
