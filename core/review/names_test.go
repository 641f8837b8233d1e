package review_test

import (
	"go/ast"
	"go/parser"
	"go/token"
	"path/filepath"
	"strconv"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

// asks are the methods whose arguments name something in the data, with what they name.
var asks = map[string]string{
	"is": "group", "looks": "group", "In": "group", "hasGroup": "group", "hasAcidFor": "group", "banned": "group", "names": "group",
	"Requires": "need", "did": "read", "actText": "read", "done": "read", "came": "read", "undo": "read",
}

// TestNamesExist follows every name that the checks ask for to where it is given: a group
// to a food that has it, a need to a procedure that states it, an act, a preparation and a
// state to the reading, which must know the word. A name that nothing gives is a check that
// never speaks.
func TestNamesExist(t *testing.T) {
	t.Parallel()
	known := map[string]map[string]bool{"group": {}, "need": {}, "read": literals(t, "../recipe", "../method", ".")}
	for _, f := range reviewer.Foods() {
		for _, g := range f.Groups {
			known["group"][g] = true
		}
	}
	for _, p := range reviewer.Procedures() {
		for _, n := range p.Needs {
			known["need"][n.Need] = true
		}
	}
	asked := 0
	for _, f := range parsed(t, ".") {
		ast.Inspect(f, func(n ast.Node) bool {
			call, ok := n.(*ast.CallExpr)
			if !ok {
				return true
			}
			for _, a := range call.Args {
				if kind := asks[called(call)]; kind != "" {
					if word, ok := text(a); ok {
						asked++
						assert.True(t, known[kind][word], "%s asks for the %s %q, which nothing gives", called(call), kind, word)
					}
				}
			}
			return true
		})
	}
	require.Greater(t, asked, 300)
}

// called is the name of the function or method that is called.
func called(c *ast.CallExpr) string {
	switch f := c.Fun.(type) {
	case *ast.Ident:
		return f.Name
	case *ast.SelectorExpr:
		return f.Sel.Name
	}
	return ""
}

func text(e ast.Expr) (string, bool) {
	lit, ok := e.(*ast.BasicLit)
	if !ok || lit.Kind != token.STRING {
		return "", false
	}
	s, err := strconv.Unquote(lit.Value)
	return s, err == nil
}

// parsed returns the files of the package in the folder, without its tests.
func parsed(t *testing.T, dir string) []*ast.File {
	names, err := filepath.Glob(filepath.Join(dir, "*.go"))
	require.NoError(t, err)
	var out []*ast.File
	for _, name := range names {
		if strings.HasSuffix(name, "_test.go") {
			continue
		}
		f, err := parser.ParseFile(token.NewFileSet(), name, nil, 0)
		require.NoError(t, err)
		out = append(out, f)
	}
	return out
}

// literals are the strings in the code of the folders, but for those that are asked for.
func literals(t *testing.T, dirs ...string) map[string]bool {
	words := map[string]bool{}
	for _, dir := range dirs {
		for _, f := range parsed(t, dir) {
			ast.Inspect(f, func(n ast.Node) bool {
				if call, ok := n.(*ast.CallExpr); ok && asks[called(call)] != "" {
					return false
				}
				if e, ok := n.(ast.Expr); ok {
					if word, ok := text(e); ok {
						for _, w := range append(strings.Fields(word), word) {
							words[strings.Trim(w, "|():,")] = true
						}
					}
				}
				return true
			})
		}
	}
	return words
}
