package damson_test

import (
	"bufio"
	"bytes"
	"flag"
	"fmt"
	"go/ast"
	"go/parser"
	"go/token"
	"io/fs"
	"os"
	"path/filepath"
	"sort"
	"strings"
	"testing"
	"unicode/utf8"

	"github.com/stretchr/testify/require"
)

// What code may be at most: letters a line (a tab counts one), lines a function, ways through
// it, parameters, terms of a condition that has no name.
const (
	mostLetters = 120
	mostLines   = 60
	mostWays    = 20
	mostParams  = 5
	mostTerms   = 3
)

// airFile holds what is over these measures today. It may only shrink.
const airFile = "testdata/air.txt"

var updateAir = flag.Bool("air", false, "write "+airFile+" anew, where it has become less")

// TestAir holds new code to its measures, and old code to what it was: what stands in
// testdata/air.txt may become less, never more.
func TestAir(t *testing.T) {
	have := measureAir(t)
	was := readAir(t)
	var worse, better []string
	for what, n := range have {
		switch old, known := was[what]; {
		case !known || n > old:
			worse = append(worse, fmt.Sprintf("%s: %d", what, n))
		case n < old:
			better = append(better, what)
		}
	}
	for what := range was {
		if _, still := have[what]; !still {
			better = append(better, what)
		}
	}
	sort.Strings(worse)
	require.Empty(t, worse, "lines of at most %d letters, functions of at most %d lines, %d ways through, "+
		"%d parameters, and a name for a condition of more than %d terms", mostLetters, mostLines, mostWays, mostParams, mostTerms)
	if *updateAir {
		writeAir(t, have)
		return
	}
	require.Empty(t, better, "it has become less: go test -run Air . -args -air")
}

// measureAir returns what is over, by what it is and where.
func measureAir(t *testing.T) map[string]int {
	t.Helper()
	out := map[string]int{}
	for _, root := range []string{"app", "cmd", "core", "demo", "knowledge", "store", "web"} {
		require.NoError(t, filepath.WalkDir(root, func(path string, d fs.DirEntry, err error) error {
			if err != nil || d.IsDir() && d.Name() == "node_modules" {
				return fs.SkipDir
			}
			if d.IsDir() || !strings.HasSuffix(path, ".go") || strings.HasSuffix(path, "_test.go") {
				return nil
			}
			data, err := os.ReadFile(path)
			require.NoError(t, err)
			for _, line := range bytes.Split(data, []byte("\n")) {
				if utf8.RuneCount(line) > mostLetters {
					out["long lines of "+filepath.ToSlash(path)]++
				}
			}
			set := token.NewFileSet()
			f, err := parser.ParseFile(set, path, data, 0)
			require.NoError(t, err)
			if n := longConditions(f); n > 0 {
				out["long conditions of "+filepath.ToSlash(path)] = n
			}
			for _, d := range f.Decls {
				fn, ok := d.(*ast.FuncDecl)
				if !ok || fn.Body == nil {
					continue
				}
				where := " of " + filepath.ToSlash(path) + " " + fn.Name.Name
				over := func(what string, n, most int) {
					if n > most {
						out[what+where] = max(out[what+where], n)
					}
				}
				over("lines", set.Position(fn.Body.Rbrace).Line-set.Position(fn.Body.Lbrace).Line, mostLines)
				over("ways through", ways(fn), mostWays)
				over("parameters", fn.Type.Params.NumFields(), mostParams)
			}
			return nil
		}))
	}
	return out
}

// longConditions counts the conditions of too many terms.
func longConditions(f *ast.File) (n int) {
	see := func(cond ast.Expr) {
		if cond != nil && terms(cond) > mostTerms {
			n++
		}
	}
	ast.Inspect(f, func(x ast.Node) bool {
		switch x := x.(type) {
		case *ast.IfStmt:
			see(x.Cond)
		case *ast.ForStmt:
			see(x.Cond)
		case *ast.CaseClause:
			for _, cond := range x.List {
				see(cond)
			}
		}
		return true
	})
	return n
}

// terms are what and, or and not join.
func terms(cond ast.Expr) int {
	switch x := cond.(type) {
	case *ast.BinaryExpr:
		if x.Op == token.LAND || x.Op == token.LOR {
			return terms(x.X) + terms(x.Y)
		}
	case *ast.ParenExpr:
		return terms(x.X)
	case *ast.UnaryExpr:
		return terms(x.X)
	}
	return 1
}

// ways is the cyclomatic complexity of a function.
func ways(fn *ast.FuncDecl) int {
	n := 1
	ast.Inspect(fn, func(x ast.Node) bool {
		switch x := x.(type) {
		case *ast.IfStmt, *ast.ForStmt, *ast.RangeStmt:
			n++
		case *ast.CaseClause:
			if x.List != nil {
				n++
			}
		case *ast.BinaryExpr:
			if x.Op == token.LAND || x.Op == token.LOR {
				n++
			}
		}
		return true
	})
	return n
}

func readAir(t *testing.T) map[string]int {
	t.Helper()
	f, err := os.Open(airFile)
	require.NoError(t, err)
	defer f.Close()
	out := map[string]int{}
	for rows := bufio.NewScanner(f); rows.Scan(); {
		what, n, ok := strings.Cut(rows.Text(), ": ")
		if !ok {
			continue
		}
		v := 0
		_, err := fmt.Sscan(n, &v)
		require.NoError(t, err, rows.Text())
		out[what] = v
	}
	return out
}

func writeAir(t *testing.T, have map[string]int) {
	t.Helper()
	var rows []string
	for what, n := range have {
		rows = append(rows, fmt.Sprintf("%s: %d\n", what, n))
	}
	sort.Strings(rows)
	require.NoError(t, os.WriteFile(airFile, []byte(strings.Join(rows, "")), 0o600))
}
