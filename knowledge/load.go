package knowledge

import (
	"bytes"
	"compress/gzip"
	"embed"
	"encoding/gob"
	"errors"
	"fmt"
	"io/fs"
	"reflect"
	"sort"
	"strings"
	"sync"

	"go.yaml.in/yaml/v3"

	"damson/core/acidity"
	"damson/core/food"
	"damson/core/library"
	"damson/core/method"
	"damson/core/plan"
	"damson/core/procedure"
	"damson/core/rulebook"
)

//go:generate go run ../cmd/compile

// The YAML of this folder, read once and packed in two halves that are read at the same
// time, so that a start costs milliseconds; TestPackedIsCurrent fails where they differ.
var (
	//go:embed foods.gob.gz
	packedFoods []byte
	//go:embed procedures.gob.gz
	packedProcedures []byte
)

// pressureSets holds the column sets that a kitchen's own files may name.
//
//go:embed pressures.yaml
var pressureSets embed.FS

// Library is all that Damson compares with.
type Library = library.Library

// source is what the files say, before it is indexed.
type source struct {
	words
	tables
}

// words are the foods and how people speak of them.
type words struct {
	Foods    []*food.Food
	Language *method.Language
}

// tables are what was tested and measured.
type tables struct {
	Procedures []*procedure.Procedure
	Book       *rulebook.Book
	Acidity    []*acidity.Profile
	Doses      []acidity.Dose
	Plan       *plan.Table
}

// Load reads the library that ships with the program.
func Load() (*Library, error) {
	var src source
	second := make(chan error, 1)
	go func() { second <- unpack(packedProcedures, &src.tables) }()
	if err := errors.Join(unpack(packedFoods, &src.words), <-second); err != nil {
		return nil, fmt.Errorf("library: %w", err)
	}
	return src.link()
}

func unpack(packed []byte, into any) error {
	z, err := gzip.NewReader(bytes.NewReader(packed))
	if err != nil {
		return err
	}
	return gob.NewDecoder(z).Decode(into)
}

func pack(from any) ([]byte, error) {
	var b bytes.Buffer
	z, _ := gzip.NewWriterLevel(&b, gzip.BestCompression)
	if err := gob.NewEncoder(z).Encode(from); err != nil {
		return nil, err
	}
	if err := z.Close(); err != nil {
		return nil, err
	}
	return b.Bytes(), nil
}

// LoadFS reads a library from YAML files laid out like those of this folder:
// foods/*.yaml, procedures/*.yaml, pressures.yaml, rulebook/*.yaml,
// debated.yaml, unprocessed.yaml, equivalents.yaml, searchwords.yaml, acidity.yaml, plan.yaml,
// things.yaml, frames.yaml, hints.yaml, plain.yaml, statements.yaml, deviations.yaml. Errors name file, line and field.
func LoadFS(fsys fs.FS) (*Library, error) {
	src, err := read(fsys)
	if err != nil {
		return nil, err
	}
	return src.link()
}

// Compile packs the YAML files for embedding and returns, by the name of its file, each half that
// says something else than the one embedded now. The bytes differ from one packing to the next,
// as the order of maps does; what they say does not.
func Compile(fsys fs.FS) (map[string][]byte, error) {
	src, err := read(fsys)
	if err != nil {
		return nil, err
	}
	if _, err := src.link(); err != nil {
		return nil, err
	}
	out := map[string][]byte{}
	return out, errors.Join(
		repack[words](out, "foods.gob.gz", packedFoods, &src.words),
		repack[tables](out, "procedures.gob.gz", packedProcedures, &src.tables))
}

// repack packs the half and puts it out under the name, unless it says what the old one does.
func repack[T any](out map[string][]byte, name string, old []byte, half *T) error {
	packed, err := pack(half)
	if err != nil {
		return err
	}
	var was, is T
	if err := unpack(packed, &is); err != nil {
		return err
	}
	if unpack(old, &was) != nil || !reflect.DeepEqual(was, is) {
		out[name] = packed
	}
	return nil
}

func (s *source) link() (*Library, error) {
	lib, err := library.New(s.Foods, s.Procedures, s.Book, s.Acidity, s.Doses, s.Plan)
	if err != nil {
		return nil, err
	}
	lib.Language = s.Language
	return lib, nil
}

// read parses every YAML file.
func read(fsys fs.FS) (*source, error) {
	foods, err := readFoods(fsys)
	if err != nil {
		return nil, err
	}
	if foods, err = addNames(fsys, foods); err != nil {
		return nil, err
	}
	cat, err := food.NewCatalogue(foods)
	if err != nil {
		return nil, err
	}
	procs, err := readProcedures(fsys, cat)
	if err != nil {
		return nil, err
	}
	book, err := readBook(fsys)
	if err != nil {
		return nil, err
	}
	profiles, doses, err := readAcidity(fsys)
	if err != nil {
		return nil, err
	}
	var day struct {
		FromMemory bool `yaml:"from_memory"`
		plan.Table `yaml:",inline"`
	}
	if err := decode(fsys, "plan.yaml", &day); err != nil {
		return nil, err
	}
	lang, err := readLanguage(fsys)
	if err != nil {
		return nil, err
	}
	return &source{words{foods, lang}, tables{procs, book, profiles, doses, &day.Table}}, nil
}

// decode reads one YAML file strictly: an unknown field is an error.
func decode(fsys fs.FS, name string, into any) error {
	data, err := fs.ReadFile(fsys, name)
	if err != nil {
		return err
	}
	return decodeBytes(name, data, into)
}

func decodeBytes(name string, data []byte, into any) error {
	d := yaml.NewDecoder(bytes.NewReader(data))
	d.KnownFields(true)
	if err := d.Decode(into); err != nil {
		return fmt.Errorf("%s: %s", name, plainError(err))
	}
	return nil
}

// decodeAll reads the files that match the pattern, in the order of their
// names, all at once.
func decodeAll[T any](fsys fs.FS, pattern string) ([]string, []T, error) {
	names, err := fs.Glob(fsys, pattern)
	if err == nil && len(names) == 0 {
		err = fmt.Errorf("%s: no such file", pattern)
	}
	if err != nil {
		return nil, nil, err
	}
	sort.Strings(names)
	files, errs := make([]T, len(names)), make([]error, len(names))
	var wg sync.WaitGroup
	for i, name := range names {
		wg.Go(func() { errs[i] = decode(fsys, name, &files[i]) })
	}
	wg.Wait()
	for _, err := range errs {
		if err != nil {
			return nil, nil, err
		}
	}
	return names, files, nil
}

// plainError puts the decoder's complaint on one line: where, and which field.
func plainError(err error) string {
	s := strings.TrimPrefix(strings.TrimPrefix(err.Error(), "yaml: "), "unmarshal errors:")
	return strings.Join(strings.Fields(s), " ")
}

// at names the line of a file on which an entry's id stands.
func at(fsys fs.FS, name, id string) string {
	data, err := fs.ReadFile(fsys, name)
	if err != nil {
		return name
	}
	return lineOf(name, data, id)
}

func lineOf(name string, data []byte, id string) string {
	for i, line := range strings.Split(string(data), "\n") {
		if _, rest, ok := strings.Cut(line, "id: "); ok && strings.TrimRight(strings.SplitN(rest, ",", 2)[0], " }") == id {
			return fmt.Sprintf("%s:%d", name, i+1)
		}
	}
	return name
}

type foodFile struct {
	Kind       string       `yaml:"kind"`
	Source     string       `yaml:"source"`
	FromMemory bool         `yaml:"from_memory"`
	Foods      []*food.Food `yaml:"foods"`
}

func readFoods(fsys fs.FS) ([]*food.Food, error) {
	names, files, err := decodeAll[foodFile](fsys, "foods/*.yaml")
	if err != nil {
		return nil, err
	}
	var all []*food.Food
	for i, file := range files {
		for _, f := range file.Foods {
			if f.Kind == "" {
				f.Kind = file.Kind
			}
			if f.Source == "" {
				f.Source = file.Source
			}
			f.FromMemory = f.FromMemory || file.FromMemory
			if err := f.Check(); err != nil {
				return nil, fmt.Errorf("%s: %w", at(fsys, names[i], f.ID), err)
			}
		}
		all = append(all, file.Foods...)
		if _, err := food.NewCatalogue(all); err != nil {
			return nil, fmt.Errorf("%s: %w", names[i], err)
		}
	}
	return all, nil
}

// addNames gives the foods their further names: everyday and regional words, and
// varieties. A name that a food has already stays that food's.
func addNames(fsys fs.FS, foods []*food.Food) ([]*food.Food, error) {
	var file struct {
		Names []struct {
			Food      string   `yaml:"food"`
			Names     []string `yaml:"names"`
			Varieties []string `yaml:"varieties"`
		} `yaml:"names"`
	}
	if err := decode(fsys, "names.yaml", &file); err != nil {
		return nil, err
	}
	cat, err := food.NewCatalogue(foods)
	if err != nil {
		return nil, err
	}
	for _, row := range file.Names {
		f := cat.ByID(row.Food)
		if f == nil {
			return nil, fmt.Errorf("names.yaml: there is no food %q", row.Food)
		}
		f.Further = append(f.Further, row.Names...)
		f.Varieties = append(f.Varieties, row.Varieties...)
	}
	return foods, nil
}

// readAcidity reads what foods hold, and the acid to a jar.
func readAcidity(fsys fs.FS) ([]*acidity.Profile, []acidity.Dose, error) {
	var file struct {
		FromMemory bool               `yaml:"from_memory"`
		Source     string             `yaml:"source"`
		Profiles   []*acidity.Profile `yaml:"profiles"`
		Doses      []acidity.Dose     `yaml:"doses"`
	}
	if err := decode(fsys, "acidity.yaml", &file); err != nil {
		return nil, nil, err
	}
	if _, err := acidity.NewTable(file.Profiles, file.Doses); err != nil {
		return nil, nil, fmt.Errorf("acidity.yaml: %w", err)
	}
	return file.Profiles, file.Doses, nil
}

// readLanguage reads what things are called and what verbs do.
func readLanguage(fsys fs.FS) (*method.Language, error) {
	var all method.Language
	files := []string{"things.yaml", "frames.yaml", "hints.yaml", "plain.yaml", "statements.yaml", "deviations.yaml"}
	for _, name := range files {
		var part method.Language
		if err := decode(fsys, name, &part); err != nil {
			return nil, err
		}
		all.Add(part)
	}
	if err := all.FillSets(); err != nil {
		return nil, fmt.Errorf("plain.yaml, statements.yaml: %w", err)
	}
	return &all, nil
}

func readBook(fsys fs.FS) (*rulebook.Book, error) {
	_, groups, err := decodeAll[struct {
		Group      string            `yaml:"group"`
		FromMemory bool              `yaml:"from_memory"`
		Entries    []*rulebook.Entry `yaml:"entries"`
	}](fsys, "rulebook/*.yaml")
	if err != nil {
		return nil, err
	}
	book := &rulebook.Book{}
	for _, g := range groups {
		for _, e := range g.Entries {
			e.Group, e.FromMemory = g.Group, g.FromMemory
			book.Entries = append(book.Entries, e)
		}
	}
	var points struct {
		Points []*rulebook.Point `yaml:"points"`
	}
	var products struct {
		FromMemory bool                    `yaml:"from_memory"`
		Products   []*rulebook.Unprocessed `yaml:"products"`
	}
	var equivalents struct {
		FromMemory  bool                   `yaml:"from_memory"`
		Equivalents []*rulebook.Equivalent `yaml:"equivalents"`
	}
	var said struct {
		Words []rulebook.Said `yaml:"words"`
	}
	if err := errors.Join(decode(fsys, "debated.yaml", &points), decode(fsys, "unprocessed.yaml", &products), decode(fsys, "equivalents.yaml", &equivalents), decode(fsys, "searchwords.yaml", &said)); err != nil {
		return nil, err
	}
	for _, u := range products.Products {
		u.FromMemory = products.FromMemory
	}
	book.Points, book.Unprocessed, book.Equivalents, book.Said = points.Points, products.Products, equivalents.Equivalents, said.Words
	if err := book.Check(); err != nil {
		return nil, fmt.Errorf("rulebook, debated.yaml, unprocessed.yaml or equivalents.yaml: %w", err)
	}
	return book, nil
}
