package knowledge

import (
	"bytes"
	"embed"
	"fmt"
	"io/fs"
	"sort"
	"strings"

	"github.com/goccy/go-yaml"

	"damson/core/food"
	"damson/core/procedure"
)

//go:embed foods/*.yaml procedures/*.yaml pressures.yaml
var files embed.FS

// Library is all that Damson compares with.
type Library struct {
	Foods      *food.Catalogue
	Procedures *procedure.Library
}

// Load reads the files that ship with the program.
func Load() (*Library, error) { return LoadFS(files) }

// LoadFS reads a library from any file system laid out like the embedded one:
// foods/*.yaml, procedures/*.yaml, pressures.yaml. Errors name file, line and
// field.
func LoadFS(fsys fs.FS) (*Library, error) {
	foods, err := loadFoods(fsys)
	if err != nil {
		return nil, err
	}
	procs, err := loadProcedures(fsys, foods)
	if err != nil {
		return nil, err
	}
	return &Library{Foods: foods, Procedures: procs}, nil
}

// decode reads one YAML file strictly: an unknown field is an error.
func decode(fsys fs.FS, name string, into any) error {
	data, err := fs.ReadFile(fsys, name)
	if err != nil {
		return err
	}
	if err := yaml.NewDecoder(bytes.NewReader(data), yaml.Strict()).Decode(into); err != nil {
		return fmt.Errorf("%s: %s", name, strings.TrimSpace(yaml.FormatError(err, false, false)))
	}
	return nil
}

func glob(fsys fs.FS, pattern string) ([]string, error) {
	names, err := fs.Glob(fsys, pattern)
	if err == nil && len(names) == 0 {
		err = fmt.Errorf("%s: no such file", pattern)
	}
	sort.Strings(names)
	return names, err
}

type foodFile struct {
	Kind       string       `yaml:"kind"`
	Source     string       `yaml:"source"`
	FromMemory bool         `yaml:"from_memory"`
	Foods      []*food.Food `yaml:"foods"`
}

func loadFoods(fsys fs.FS) (*food.Catalogue, error) {
	names, err := glob(fsys, "foods/*.yaml")
	if err != nil {
		return nil, err
	}
	var all []*food.Food
	for _, name := range names {
		var file foodFile
		if err := decode(fsys, name, &file); err != nil {
			return nil, err
		}
		for _, f := range file.Foods {
			if f.Kind == "" {
				f.Kind = file.Kind
			}
			if f.Source == "" {
				f.Source = file.Source
			}
			f.FromMemory = f.FromMemory || file.FromMemory
		}
		if _, err := food.NewCatalogue(file.Foods); err != nil {
			return nil, fmt.Errorf("%s: %w", name, err)
		}
		all = append(all, file.Foods...)
	}
	return food.NewCatalogue(all)
}
