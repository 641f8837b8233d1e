package procedure

import (
	"bytes"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"slices"
	"strings"

	"damson/core/quantity"
)

// fileVersion is that of the format, which docs/formats.md describes.
const fileVersion = 1

// The format is apart from the types, so that neither moves the other.
type (
	file struct {
		Version    int    `json:"damson_procedures"`
		Procedures []item `json:"procedures"`
	}
	item struct {
		ID          string       `json:"id"`
		Title       string       `json:"title"`
		Names       []string     `json:"names,omitempty"`
		Class       string       `json:"class"`
		Product     string       `json:"product"`
		Acidity     string       `json:"acidity"`
		Source      string       `json:"source"`
		Section     string       `json:"section"`
		Yield       string       `json:"yield,omitempty"`
		Ingredients []ingredient `json:"ingredients"`
		Needs       []need       `json:"needs,omitempty"`
		Sizes       *sizes       `json:"sizes,omitempty"`
		Canner      *canner      `json:"canner,omitempty"`
		Permits     []string     `json:"permits,omitempty"`
		Forbids     []string     `json:"forbids,omitempty"`
		Processes   []Row        `json:"processes"`
	}
	ingredient struct {
		Name     string        `json:"name"`
		Foods    []string      `json:"foods"`
		Instead  []string      `json:"instead,omitempty"`
		Role     Role          `json:"role"`
		Amount   float64       `json:"amount,omitempty"`
		Unit     quantity.Unit `json:"unit,omitempty"`
		EachJar  quantity.Jar  `json:"each_jar,omitempty"`
		Form     string        `json:"form,omitempty"`
		Optional bool          `json:"optional,omitempty"`
		Line     string        `json:"line,omitempty"`
	}
	need struct {
		Need    string  `json:"need"`
		Text    string  `json:"text"`
		Minutes float64 `json:"minutes,omitempty"`
	}
	sizes struct {
		CutIn      float64 `json:"cut_in,omitempty"`
		WholeIn    float64 `json:"whole_in,omitempty"`
		NeverWhole bool    `json:"never_whole,omitempty"`
	}
	canner struct {
		MinQuarts   float64 `json:"min_quarts,omitempty"`
		MaxQuarts   float64 `json:"max_quarts,omitempty"`
		WaterQuarts float64 `json:"water_quarts,omitempty"`
		HeatMinutes float64 `json:"heat_minutes,omitempty"`
	}
)

// WriteFile writes procedures as one kitchen hands them to another. Who has seen what in print, and
// who stands for it, stays: a signature is of the kitchen.
func WriteFile(w io.Writer, list []*Procedure) error {
	f := file{Version: fileVersion, Procedures: []item{}}
	for _, p := range list {
		x := item{ID: p.ID, Title: p.Title, Names: p.Names, Class: p.Class, Product: p.Product, Acidity: p.Acidity, Source: p.Source, Section: p.Section, Yield: p.Yield,
			Permits: p.Permits, Forbids: p.Forbids, Ingredients: []ingredient{}, Processes: []Row{}}
		for _, in := range p.Ingredients {
			x.Ingredients = append(x.Ingredients, ingredient{in.Name, in.Same, in.Like, in.Role, in.Amount, in.Unit, in.Per, in.Form, in.Optional, in.Write})
		}
		for _, n := range p.Needs {
			x.Needs = append(x.Needs, need{n.Need, n.Text, n.Minutes})
		}
		if p.Sizes != (Sizes{}) {
			x.Sizes = &sizes{p.Sizes.Cut, p.Sizes.Whole, p.Sizes.NeverWhole}
		}
		if p.Canner != (Canner{}) {
			x.Canner = &canner{p.Canner.MinQuarts, p.Canner.MaxQuarts, p.Canner.WaterQuarts, p.Canner.HeatMinutes}
		}
		for _, r := range p.Rows {
			r.Checked = nil
			x.Processes = append(x.Processes, r)
		}
		f.Procedures = append(f.Procedures, x)
	}
	out := json.NewEncoder(w)
	out.SetIndent("", "  ")
	out.SetEscapeHTML(false)
	return out.Encode(f)
}

// IsFile reports whether the data is of the format that WriteFile writes.
func IsFile(data []byte) bool {
	return bytes.HasPrefix(bytes.TrimSpace(bytes.TrimPrefix(data, []byte("\ufeff"))), []byte("{"))
}

// ReadFile reads what WriteFile writes. A procedure that cannot be right, a field that the format
// does not have, or a newer version is an error that says which.
func ReadFile(data []byte) ([]*Procedure, error) {
	in := json.NewDecoder(bytes.NewReader(bytes.TrimPrefix(data, []byte("\ufeff"))))
	in.DisallowUnknownFields()
	var f file
	if err := in.Decode(&f); err != nil {
		return nil, fmt.Errorf("this is no file of procedures: %w", err)
	}
	switch {
	case f.Version > fileVersion:
		return nil, fmt.Errorf("the file is of version %d, this program knows %d: use a newer Damson", f.Version, fileVersion)
	case f.Version < 1 || len(f.Procedures) == 0:
		return nil, errors.New("this is no file of procedures, or there is none in it")
	}
	var out []*Procedure
	for _, x := range f.Procedures {
		p := &Procedure{ID: x.ID, Title: x.Title, Names: x.Names, Class: x.Class, Product: x.Product, Acidity: x.Acidity, Source: x.Source, Section: x.Section, Yield: x.Yield, Permits: x.Permits, Forbids: x.Forbids}
		if !strings.HasPrefix(p.ID, OwnPrefix) {
			return nil, fmt.Errorf("procedure %q: the id of a kitchen's own begins with %q", p.ID, OwnPrefix)
		}
		for _, in := range x.Ingredients {
			p.Ingredients = append(p.Ingredients, Ingredient{Name: in.Name, Same: in.Foods, Like: in.Instead, Role: in.Role, Amount: in.Amount, Unit: in.Unit, Per: in.EachJar, Form: in.Form, Optional: in.Optional, Write: in.Line})
		}
		for _, n := range x.Needs {
			p.Needs = append(p.Needs, Requirement{Need: n.Need, Text: n.Text, Minutes: n.Minutes})
		}
		if x.Sizes != nil {
			p.Sizes = Sizes{x.Sizes.CutIn, x.Sizes.WholeIn, x.Sizes.NeverWhole}
		}
		if x.Canner != nil {
			p.Canner = Canner{x.Canner.MinQuarts, x.Canner.MaxQuarts, x.Canner.WaterQuarts, x.Canner.HeatMinutes}
		}
		for _, r := range x.Processes {
			r.Checked = nil
			p.Rows = append(p.Rows, r)
		}
		if err := p.Check(); err != nil {
			return nil, err
		}
		out = append(out, p)
	}
	return out, nil
}

// OwnPrefix begins the id of every procedure that a kitchen brings in.
const OwnPrefix = "own-"

// Differences says line by line in what theirs differs from mine; nil where they are the same.
func Differences(mine, theirs *Procedure) []string {
	var out []string
	say := func(what, a, b string) {
		if a != b {
			out = append(out, fmt.Sprintf("%s: yours %s, theirs %s", what, orNothing(a), orNothing(b)))
		}
	}
	say("title", mine.Title, theirs.Title)
	say("source", mine.Citation(), theirs.Citation())
	say("kind", mine.Class+", "+mine.Product+", "+mine.Acidity, theirs.Class+", "+theirs.Product+", "+theirs.Acidity)
	say("yield", mine.Yield, theirs.Yield)
	pairs(mine.Ingredients, theirs.Ingredients, func(in Ingredient) string { return in.Name }, ingredientWords, say)
	pairs(mine.Needs, theirs.Needs, func(n Requirement) string { return n.Need }, func(n Requirement) string { return n.Text }, say)
	pairs(mine.Rows, theirs.Rows, func(r Row) string {
		return strings.Join(slices.DeleteFunc([]string{r.Method, r.Gauge, r.Pack, r.Jar, r.When}, func(s string) bool { return s == "" }), ", ")
	}, rowWords, say)
	say("pieces", mine.Sizes.Words(), theirs.Sizes.Words())
	say("canner", mine.Canner.Words(), theirs.Canner.Words())
	say("may be changed", strings.Join(mine.Permits, " "), strings.Join(theirs.Permits, " "))
	say("may not", strings.Join(mine.Forbids, " "), strings.Join(theirs.Forbids, " "))
	return out
}

// pairs says of things with the same key in what they differ, and which only one has.
func pairs[T any](mine, theirs []T, key, words func(T) string, say func(what, a, b string)) {
	rest := slices.Clone(theirs)
	for _, a := range mine {
		i := slices.IndexFunc(rest, func(b T) bool { return key(b) == key(a) })
		if i < 0 {
			say(key(a), words(a), "")
			continue
		}
		say(key(a), words(a), words(rest[i]))
		rest = slices.Delete(rest, i, i+1)
	}
	for _, b := range rest {
		say(key(b), "", words(b))
	}
}

func orNothing(s string) string {
	if s == "" {
		return "nothing"
	}
	return "“" + s + "”"
}

func ingredientWords(in Ingredient) string {
	s := string(in.Role)
	if in.Amount > 0 {
		s = quantity.Amount{Min: in.Amount, Max: in.Amount, Unit: in.Unit}.String() + ", " + s
	}
	if in.Per != "" {
		s += ", in each " + string(in.Per)
	}
	if in.Optional {
		s += ", optional"
	}
	if len(in.Like) > 0 {
		s += ", or " + strings.Join(in.Like, ", ")
	}
	return s + " (" + strings.Join(in.Same, ", ") + ")"
}

func rowWords(r Row) string {
	s := r.Minutes.Written(BathColumns3, BathColumns4) + " min"
	if len(r.PSI) > 0 {
		s += " at " + r.PSI.Written(DialColumns, WeightedColumns) + " psi"
	}
	s += ", headspace " + quantity.Number(r.HeadspaceIn) + " in"
	if r.AcidPerJar != "" {
		s += ", in each jar " + r.AcidPerJar
	}
	return s
}
