package main

import (
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"os"
	"path/filepath"
	"strings"
	"unicode/utf8"

	"damson/core/recipe"
	"damson/core/review"
	"damson/knowledge"
)

// load reads the library that ships with the program.
func load() (*knowledge.Library, *review.Reviewer, error) {
	lib, err := loadLibrary("")
	if err != nil {
		return nil, nil, err
	}
	return lib, review.New(lib.Foods, lib.Procedures, lib.Language).WithAcidity(lib.Acidity).WithProducts(lib.Book.Unprocessed), nil
}

// loadLibrary reads the library from the directory, or the one built in where
// none is named.
func loadLibrary(dir string) (*knowledge.Library, error) {
	if dir == "" {
		lib, err := knowledge.Load()
		if err != nil {
			return nil, &exit{code: exitFault, err: fmt.Errorf("the library cannot be read: %w", err)}
		}
		return lib, nil
	}
	lib, err := knowledge.LoadFS(os.DirFS(dir))
	if err != nil {
		return nil, usage("--knowledge %s: %v", dir, err)
	}
	return lib, nil
}

// readFile takes a file apart into its recipes; "-" is standard input.
func readFile(name string, stdin io.Reader) (*recipe.Document, error) {
	data, err := readBytes(name, stdin, recipe.MaxBytes)
	if err != nil {
		return nil, err
	}
	doc, err := recipe.Open(name, data)
	if err != nil {
		if strings.HasPrefix(err.Error(), "line ") {
			return nil, usage("%s: %v", name, err)
		}
		return nil, usage("%s: line %d: %v", name, jsonLine(strings.TrimSpace(string(data)), err), err)
	}
	return doc, nil
}

// readRecipes reads every recipe of a file, their lines numbered as in it.
func readRecipes(reader *recipe.Reader, name string, stdin io.Reader) ([]*recipe.Recipe, error) {
	doc, err := readFile(name, stdin)
	if err != nil {
		return nil, err
	}
	var out []*recipe.Recipe
	for i, text := range doc.Texts {
		rec, err := reader.TextFrom(max(doc.Lines[i], 1), text)
		if err != nil {
			return nil, usage("%s: line %d: %v", name, max(doc.Lines[i], 1), err)
		}
		out = append(out, rec)
	}
	return out, nil
}

// readBytes reads a file, "-" being standard input, up to one byte beyond the
// limit: what is longer than it is too large.
func readBytes(name string, stdin io.Reader, limit int64) ([]byte, error) {
	in, err := open(name, stdin)
	if err == nil {
		defer in.Close()
		var data []byte
		if data, err = io.ReadAll(io.LimitReader(in, limit+1)); err == nil {
			return data, nil
		}
	}
	var pe *os.PathError
	if errors.As(err, &pe) {
		err = pe.Err
	}
	return nil, usage("%s: line 0: %v", name, err)
}

func open(name string, stdin io.Reader) (io.ReadCloser, error) {
	if name == "-" {
		return io.NopCloser(stdin), nil
	}
	return os.Open(filepath.Clean(name))
}

// jsonLine returns the line of a JSON syntax error, 1 where it has none.
func jsonLine(text string, err error) int {
	var syn *json.SyntaxError
	if errors.As(err, &syn) {
		return 1 + strings.Count(text[:min(int(syn.Offset), len(text))], "\n")
	}
	return 1
}

// writeJSON writes one object on one line.
func writeJSON(w io.Writer, v any) error {
	enc := json.NewEncoder(w)
	enc.SetEscapeHTML(false)
	return enc.Encode(v)
}

// maxLines is the size limit of a file of ingredient lines.
const maxLines = 20 << 20

// readText returns a text file of any number of lines.
func readText(name string, stdin io.Reader) (string, error) {
	data, err := readBytes(name, stdin, maxLines)
	switch {
	case err != nil:
		return "", err
	case len(data) > maxLines:
		return "", usage("%s: line 0: larger than 20 MiB; cut the file in parts", name)
	case !utf8.Valid(data) || strings.ContainsRune(string(data), 0):
		return "", usage("%s: line 1: %v", name, recipe.ErrBinary)
	}
	return strings.TrimPrefix(string(data), "\uFEFF"), nil
}
