package knowledge

import (
	"errors"
	"fmt"
	"io/fs"

	"damson/core/food"
	"damson/core/procedure"
	"damson/core/quantity"
)

// procedureFile is the shape of knowledge/procedures/*.yaml. Source and
// from_memory at the top hold for every procedure of the file.
type procedureFile struct {
	Source     string              `yaml:"source"`
	FromMemory bool                `yaml:"from_memory"`
	Procedures []procedureWithRows `yaml:"procedures"`
}

type procedureWithRows struct {
	procedure.Procedure `yaml:",inline"`
	Processes           []rowSpec `yaml:"processes"`
}

// rowSpec is one line of a process table. Packs and jars may list several that
// share it. Pressure rows name a column set of pressures.yaml.
type rowSpec struct {
	Method     string            `yaml:"method"`
	Packs      []string          `yaml:"packs"`
	Jars       []string          `yaml:"jars"`
	Headspace  float64           `yaml:"headspace"`
	Minutes    any               `yaml:"minutes"`
	Pressure   string            `yaml:"pressure"`
	Gauges     []string          `yaml:"gauges"`
	AcidPerJar map[string]string `yaml:"acid_per_jar"`
	When       string            `yaml:"when"`
}

// pressureFile maps a set's name to gauge, band, pounds.
type pressureFile map[string]map[string]map[string]int

func readProcedures(fsys fs.FS, foods *food.Catalogue) ([]*procedure.Procedure, error) {
	var pressures pressureFile
	if err := decode(fsys, "pressures.yaml", &pressures); err != nil {
		return nil, err
	}
	names, files, err := decodeAll[procedureFile](fsys, "procedures/*.yaml")
	if err != nil {
		return nil, err
	}
	var all []*procedure.Procedure
	for i := range files {
		list, err := files[i].build(pressures, foods, func(id string) string { return at(fsys, names[i], id) })
		if err != nil {
			return nil, err
		}
		all = append(all, list...)
	}
	return all, nil
}

// build turns the file into procedures and checks each; where names the place
// of a procedure for an error.
func (file *procedureFile) build(pressures pressureFile, foods *food.Catalogue, where func(id string) string) ([]*procedure.Procedure, error) {
	known := foods.Groups()
	var out []*procedure.Procedure
	for i := range file.Procedures {
		spec := &file.Procedures[i]
		p := &spec.Procedure
		if p.Source == "" {
			p.Source = file.Source
		}
		p.FromMemory = p.FromMemory || file.FromMemory
		for _, row := range spec.Processes {
			rows, err := row.expand(pressures)
			if err != nil {
				return nil, fmt.Errorf("%s: procedure %q: processes: %w", where(p.ID), p.ID, err)
			}
			p.Rows = append(p.Rows, rows...)
		}
		if err := errors.Join(knownFoods(p, known), p.Check()); err != nil {
			return nil, fmt.Errorf("%s: %w", where(p.ID), err)
		}
		out = append(out, p)
	}
	return out, nil
}

// expand turns one line into a row for each pack, jar and gauge.
func (s rowSpec) expand(pressures pressureFile) ([]procedure.Row, error) {
	minutes, err := bands(s.Minutes)
	if err != nil {
		return nil, fmt.Errorf("minutes: %w", err)
	}
	gauges := []string{""}
	if s.Method == procedure.Pressure {
		gauges = s.Gauges
		if len(gauges) == 0 {
			gauges = []string{"dial", "weighted"}
		}
		if pressures[s.Pressure] == nil {
			return nil, fmt.Errorf("pressure: no column set %q in pressures.yaml", s.Pressure)
		}
	}
	var out []procedure.Row
	for _, pack := range s.Packs {
		for _, jar := range s.Jars {
			for _, gauge := range gauges {
				row := procedure.Row{Method: s.Method, Gauge: gauge, Pack: pack, Jar: jar, HeadspaceIn: s.Headspace,
					Minutes: minutes, AcidPerJar: s.AcidPerJar[jar], When: s.When}
				if gauge != "" {
					if row.PSI, err = procedure.ParseBands(pressures[s.Pressure][gauge]); err != nil {
						return nil, fmt.Errorf("pressures.yaml: %s.%s: %w", s.Pressure, gauge, err)
					}
					if len(row.PSI) == 0 {
						continue
					}
				}
				out = append(out, row)
			}
		}
	}
	if len(out) == 0 {
		return nil, fmt.Errorf("a row needs packs and jars")
	}
	return out, nil
}

// columns are the elevation bands that a list of minutes stands for, by its
// length: three for pickles and jams, four for fruit and tomatoes.
var columns = map[int][]string{3: procedure.BathColumns3, 4: procedure.BathColumns4}

// bands reads minutes: one number, a list with one for each column, or a map by
// elevation band.
func bands(v any) (procedure.Bands, error) {
	switch m := v.(type) {
	case int:
		return procedure.Everywhere(m), nil
	case []any:
		names := columns[len(m)]
		if names == nil {
			return nil, fmt.Errorf("%v: a list has three or four bands", v)
		}
		byBand := map[string]any{}
		for i, name := range names {
			byBand[name] = m[i]
		}
		return bands(byBand)
	case map[string]any:
		ints := map[string]int{}
		for k, x := range m {
			n, ok := x.(int)
			if !ok {
				return nil, fmt.Errorf("band %q: %v is no whole number", k, x)
			}
			ints[k] = n
		}
		return procedure.ParseBands(ints)
	}
	return nil, fmt.Errorf("%v: write one number, or one a band", v)
}

// knownFoods fails where an ingredient names no food and no group.
func knownFoods(p *procedure.Procedure, groups map[string]bool) error {
	for _, in := range p.Ingredients {
		if in.Unit != quantity.None && in.Unit.Word(1) == "" && in.Unit != quantity.Each {
			return fmt.Errorf("procedure %q: ingredient %q: unit %q is unknown", p.ID, in.Name, in.Unit)
		}
		names := append(append([]string{}, in.Same...), in.Like...)
		for _, o := range in.Options {
			names = append(names, o.Same...)
		}
		for _, n := range names {
			if !groups[n] {
				return fmt.Errorf("procedure %q: ingredient %q: %q is no food and no group", p.ID, in.Name, n)
			}
		}
	}
	return nil
}

// ParseProcedures reads procedures of a kitchen's own, written as those of this
// folder. Every one must name its source. Errors name file, line and field.
func ParseProcedures(name string, data []byte, foods *food.Catalogue) ([]*procedure.Procedure, error) {
	var pressures pressureFile
	if err := decode(pressureSets, "pressures.yaml", &pressures); err != nil {
		return nil, err
	}
	var file procedureFile
	if err := decodeBytes(name, data, &file); err != nil {
		return nil, err
	}
	if len(file.Procedures) == 0 {
		return nil, fmt.Errorf("%s: no procedures: write a list under “procedures:”", name)
	}
	list, err := file.build(pressures, foods, func(id string) string { return lineOf(name, data, id) })
	for _, p := range list {
		if p.General {
			return nil, fmt.Errorf("%s: %s: general: only what ships may cover mixtures; list this recipe's own foods and take the line out", name, lineOf(name, data, p.ID))
		}
	}
	return list, err
}
