// Package damson_test keeps the house in order: which package may import
// which.
package damson_test

import (
	"go/ast"
	"go/parser"
	"go/token"
	"io/fs"
	"os"
	"path/filepath"
	"regexp"
	"slices"
	"strconv"
	"strings"
	"testing"
	"unicode/utf8"

	"github.com/stretchr/testify/require"
)

// mayImport lists, for each part of the house, the parts it may know. What is
// not listed is a wrong arrow.
var mayImport = map[string][]string{
	"cmd":       {"web", "demo", "store", "knowledge", "core"},
	"web":       {"app", "store", "core"},
	"app":       {"store", "core"},
	"demo":      {"app", "store", "core"},
	"store":     {"core"},
	"knowledge": {"core"},
	"core":      {"core"},
}

// impure are imports of the standard library that core does without: network,
// files, SQL, logging and HTML. Dates it knows; the clock it never reads.
var impure = []string{"net", "net/http", "os", "log", "log/slog", "database/sql", "html/template", "os/exec"}

// clock are the functions of package time that core must not call.
var clock = []string{"Now", "Since", "Until", "Sleep", "After", "Tick", "NewTimer", "NewTicker", "AfterFunc"}

// parsers are the only packages from outside that core may use: they turn text
// into a tree or take its letters apart, and open nothing.
var parsers = []string{"golang.org/x/net/html", "golang.org/x/text/unicode/norm"}

func TestArrows(t *testing.T) {
	seen := 0
	require.NoError(t, filepath.WalkDir(".", func(path string, d fs.DirEntry, err error) error {
		if err != nil {
			return err
		}
		if d.IsDir() && (d.Name() == "node_modules" || strings.HasPrefix(d.Name(), ".") && path != ".") {
			return filepath.SkipDir
		}
		part, _, inside := strings.Cut(filepath.ToSlash(path), "/")
		if !inside || !strings.HasSuffix(path, ".go") || forTests(path) {
			return nil
		}
		may, known := mayImport[part]
		require.True(t, known, "%s is no part of the house", path)
		f, err := parser.ParseFile(token.NewFileSet(), path, nil, 0)
		require.NoError(t, err)
		if part == "core" {
			ast.Inspect(f, func(n ast.Node) bool {
				if sel, ok := n.(*ast.SelectorExpr); ok {
					if pkg, ok := sel.X.(*ast.Ident); ok && pkg.Name == "time" {
						require.NotContains(t, clock, sel.Sel.Name, "%s reads the clock", path)
					}
				}
				return true
			})
		}
		for _, im := range f.Imports {
			name, err := strconv.Unquote(im.Path.Value)
			require.NoError(t, err)
			seen++
			if rest, ours := strings.CutPrefix(name, "damson/"); ours {
				to, _, _ := strings.Cut(rest, "/")
				if to == "web" && part == "web" {
					require.True(t, indoors(path, rest), "%s imports %s: pages know the kit and what is drawn", path, name)
					continue
				}
				require.Contains(t, may, to, "%s imports %s", path, name)
				continue
			}
			if part == "core" && !slices.Contains(parsers, name) {
				require.NotContains(t, name, ".", "%s: core knows the standard library only, not %s", path, name)
				require.NotContains(t, impure, name, path)
			}
			if part != "store" {
				require.NotContains(t, name, "gorm", "%s: only store knows SQL", path)
			}
		}
		return nil
	}))
	require.Greater(t, seen, 50, "the walk found the code")
}

// forTests reports a file that only tests know.
func forTests(path string) bool {
	return strings.HasSuffix(path, "_test.go") || strings.Contains(path, "webtest") || strings.Contains(path, "kittest")
}

// indoors reports an arrow that may be inside web: pages know the kit and what is drawn, no page knows
// another, and only the server knows the packages of pages.
func indoors(path, to string) bool {
	switch from := filepath.ToSlash(filepath.Dir(path)); from {
	case "web":
		return to != "web"
	case "web/kit":
		return false
	case "web/draw":
		return to == "web/kit"
	default:
		return to == "web/kit" || to == "web/draw"
	}
}

// Every expression that the code gives to pattern is one: it is compiled only when it is
// first asked.
func TestPatternsCompile(t *testing.T) {
	seen := 0
	require.NoError(t, filepath.WalkDir("core", func(path string, d fs.DirEntry, err error) error {
		if err != nil || d.IsDir() || !strings.HasSuffix(path, ".go") {
			return err
		}
		f, err := parser.ParseFile(token.NewFileSet(), path, nil, 0)
		require.NoError(t, err)
		ast.Inspect(f, func(n ast.Node) bool {
			call, ok := n.(*ast.CallExpr)
			if !ok || len(call.Args) != 1 {
				return true
			}
			sel, ok := call.Fun.(*ast.SelectorExpr)
			if !ok || sel.Sel.Name != "MustCompile" {
				return true
			}
			if lit, ok := call.Args[0].(*ast.BasicLit); ok {
				expr, err := strconv.Unquote(lit.Value)
				require.NoError(t, err)
				_, err = regexp.Compile(expr)
				require.NoError(t, err, path)
				seen++
			}
			return true
		})
		return nil
	}))
	require.Greater(t, seen, 250, "those put together of parts are asked by the tests of their file")
}

// Every test that starts a goroutine runs under the race detector: its name is in the list of
// the Makefile.
func TestWhereGoroutinesMeet(t *testing.T) {
	make, err := os.ReadFile("Makefile")
	require.NoError(t, err)
	found := regexp.MustCompile(`(?m)^MEET = (.+)$`).FindSubmatch(make)
	require.NotNil(t, found)
	meet := regexp.MustCompile(string(found[1]))
	seen := 0
	for _, dir := range folders(t, "app", "cmd/damson", "store", "web", "web/*") {
		files, err := filepath.Glob(dir + "/*_test.go")
		require.NoError(t, err)
		for _, path := range files {
			f, err := parser.ParseFile(token.NewFileSet(), path, nil, parser.ParseComments)
			require.NoError(t, err)
			if len(f.Comments) > 0 && strings.Contains(f.Comments[0].Text(), "reliability") || strings.Contains(path, "reliability") {
				continue // those try the program itself
			}
			for _, d := range f.Decls {
				fn, ok := d.(*ast.FuncDecl)
				if !ok || !strings.HasPrefix(fn.Name.Name, "Test") || !concurrent(fn) {
					continue
				}
				seen++
				require.True(t, meet.MatchString(fn.Name.Name), "%s: put %s into MEET of the Makefile", path, fn.Name.Name)
			}
		}
	}
	require.Greater(t, seen, 3)
}

// concurrent reports a test that starts goroutines.
func concurrent(fn *ast.FuncDecl) bool {
	found := false
	ast.Inspect(fn, func(n ast.Node) bool {
		switch x := n.(type) {
		case *ast.GoStmt:
			found = true
		case *ast.CallExpr:
			if f, ok := x.Fun.(*ast.SelectorExpr); ok && f.Sel.Name == "Go" {
				found = true
			}
		}
		return true
	})
	return found
}

// Pages know the names of what a review says, and ask the house for the saying: of core/review they use types and
// constants only.
func TestPagesDoNotJudge(t *testing.T) {
	known := map[string]bool{}
	each(t, "core/review", func(_ string, f *ast.File) {
		for _, d := range f.Decls {
			gen, ok := d.(*ast.GenDecl)
			if !ok || gen.Tok != token.TYPE && gen.Tok != token.CONST {
				continue
			}
			for _, spec := range gen.Specs {
				switch s := spec.(type) {
				case *ast.TypeSpec:
					known[s.Name.Name] = true
				case *ast.ValueSpec:
					for _, n := range s.Names {
						known[n.Name] = true
					}
				}
			}
		}
	})
	require.Greater(t, len(known), 50)
	seen := 0
	each(t, "web", func(path string, f *ast.File) {
		ast.Inspect(f, func(n ast.Node) bool {
			sel, ok := n.(*ast.SelectorExpr)
			if !ok {
				return true
			}
			if pkg, ok := sel.X.(*ast.Ident); ok && pkg.Name == "review" && pkg.Obj == nil {
				seen++
				require.True(t, known[sel.Sel.Name], "%s asks review.%s: let app do it", path, sel.Sel.Name)
			}
			return true
		})
	})
	require.Greater(t, seen, 30, "the walk found the pages")
}

// each parses the files of a folder, and of those in it, without tests.
func each(t *testing.T, dir string, do func(path string, f *ast.File)) {
	t.Helper()
	require.NoError(t, filepath.WalkDir(dir, func(path string, d fs.DirEntry, err error) error {
		if err != nil || d.IsDir() && d.Name() == "node_modules" {
			return fs.SkipDir
		}
		if d.IsDir() || !strings.HasSuffix(path, ".go") || strings.HasSuffix(path, "_test.go") {
			return nil
		}
		f, err := parser.ParseFile(token.NewFileSet(), path, nil, 0)
		if err == nil {
			do(path, f)
		}
		return err
	}))
}

// folders are the folders of the patterns.
func folders(t *testing.T, patterns ...string) (out []string) {
	t.Helper()
	for _, p := range patterns {
		found, err := filepath.Glob(p)
		require.NoError(t, err)
		out = append(out, found...)
	}
	return out
}

// Templates have air too: no line is longer than a hundred and sixty letters.
func TestTemplatesHaveAir(t *testing.T) {
	files, err := filepath.Glob("web/*/*.html")
	require.NoError(t, err)
	require.Greater(t, len(files), 20)
	for _, path := range files {
		data, err := os.ReadFile(path)
		require.NoError(t, err)
		for i, line := range strings.Split(string(data), "\n") {
			require.LessOrEqual(t, utf8.RuneCountInString(line), 160, "%s, line %d: break it between attributes", path, i+1)
		}
	}
}

// A function asks for the library in force once: what it shows is of one library.
func TestOneShelfAFunction(t *testing.T) {
	each(t, "web", func(path string, f *ast.File) {
		for _, d := range f.Decls {
			fn, ok := d.(*ast.FuncDecl)
			if !ok {
				continue
			}
			asked, stocked := 0, false
			ast.Inspect(fn, func(n ast.Node) bool {
				sel, ok := n.(*ast.SelectorExpr)
				if !ok {
					return true
				}
				of, _ := sel.X.(*ast.SelectorExpr)
				if of != nil && of.Sel.Name == "Shelves" {
					stocked = stocked || sel.Sel.Name == "Restock"
					if sel.Sel.Name == "Now" {
						asked++
					}
				}
				return true
			})
			require.True(t, asked < 2 || stocked && asked == 2, "%s: %s asks for the library twice", path, fn.Name.Name)
		}
	})
}
