// Package rulebook holds what the trade says about canning at home: its rules
// with reasons and sources, the points on which practitioners disagree, and the
// products that no tested process covers.
//
// It is for reading. The review's own rules live in core/review; an entry here
// names their codes. Nothing here sets a process time.
package rulebook

import (
	"errors"
	"fmt"
	"slices"
	"strings"
)

// Entry is one rule of the trade.
type Entry struct {
	ID    string `yaml:"id"`
	Title string `yaml:"title"`
	// Group is the family ("Texture and thickeners").
	Group string `yaml:"-"`
	// Codes are the review's codes that carry the rule.
	Codes []string `yaml:"codes"`
	Cases []Case   `yaml:"cases"`
	Why   string   `yaml:"why"`
	Way   string   `yaml:"way_round"`
	// Differ says where views differ, Followed what Damson takes.
	Differ   string `yaml:"differ"`
	Followed string `yaml:"followed"`
	Source   string `yaml:"source"`
	// Sure says how sure the recall is.
	Sure       string `yaml:"sure"`
	FromMemory bool   `yaml:"-"`
}

// Case is one condition with what follows from it.
type Case struct {
	When string `yaml:"when"`
	Then string `yaml:"then"`
}

// Point is a point on which practitioners disagree.
type Point struct {
	ID         string   `yaml:"id"`
	Title      string   `yaml:"point"`
	Heard      []string `yaml:"heard"`
	Followed   string   `yaml:"followed"`
	Why        string   `yaml:"why"`
	Rules      []string `yaml:"rules"`
	Procedures []string `yaml:"procedures"`
	// Choices are the positions of which a kitchen may take one; the first is
	// Damson's own. Most points have none.
	Choices []string `yaml:"choices"`
}

// Unprocessed is a product without a tested home process.
type Unprocessed struct {
	ID      string   `yaml:"id"`
	Title   string   `yaml:"title"`
	Names   []string `yaml:"names"`
	Foods   []string `yaml:"foods"` // food ids and groups
	Reason  string   `yaml:"reason"`
	Instead string   `yaml:"instead"`
	Source  string   `yaml:"source"`
	Rules   []string `yaml:"rules"`
	// FromMemory is true until a person has checked it against print.
	FromMemory bool `yaml:"-"`
}

// Said are everyday words, and the rules or debated points that they lead to, the best first.
type Said struct {
	Says []string `yaml:"says"`
	To   []string `yaml:"to"`
}

// Equivalent says what a kitchen's word weighs or holds: Amount of Unit (or of
// Word) is Low to High of Is.
type Equivalent struct {
	ID     string  `yaml:"id"`
	Of     string  `yaml:"of"` // a food id, or ""
	Word   string  `yaml:"word"`
	Amount float64 `yaml:"amount"`
	Unit   string  `yaml:"unit"`
	Low    float64 `yaml:"low"`
	High   float64 `yaml:"high"`
	Is     string  `yaml:"is"`
	Note   string  `yaml:"note"`
	Source string  `yaml:"source"`
}

// Book is the whole.
type Book struct {
	Entries     []*Entry
	Points      []*Point
	Unprocessed []*Unprocessed
	Said        []Said
	Equivalents []*Equivalent

	byID map[string]*Entry
}

// Entry returns the rule with the id, or nil.
func (b *Book) Entry(id string) *Entry { return b.byID[id] }

// For returns the rules that carry the review's code, those first for which it
// is the main one.
func (b *Book) For(code string) []*Entry {
	var main, also []*Entry
	for _, e := range b.Entries {
		switch slices.Index(e.Codes, code) {
		case -1:
		case 0:
			main = append(main, e)
		default:
			also = append(also, e)
		}
	}
	return append(main, also...)
}

// Point returns the debated point with the id, or nil.
func (b *Book) Point(id string) *Point {
	for _, p := range b.Points {
		if p.ID == id {
			return p
		}
	}
	return nil
}

// Product returns the product without a process that has the id, or nil.
func (b *Book) Product(id string) *Unprocessed {
	for _, u := range b.Unprocessed {
		if u.ID == id {
			return u
		}
	}
	return nil
}

// Check fails on an id that is taken or empty, a text that is missing, or a
// reference to a rule that does not exist. It indexes the book.
func (b *Book) Check() error {
	b.byID = map[string]*Entry{}
	seen := map[string]bool{}
	take := func(kind, id string, texts ...string) error {
		if id == "" || seen[id] {
			return fmt.Errorf("%s %q: the id is missing or taken", kind, id)
		}
		seen[id] = true
		for _, t := range texts {
			if strings.TrimSpace(t) == "" {
				return fmt.Errorf("%s %q: a text is missing", kind, id)
			}
		}
		return nil
	}
	var errs []error
	for _, e := range b.Entries {
		errs = append(errs, take("rule", e.ID, e.Title, e.Why, e.Source, e.Sure))
		if len(e.Cases) == 0 {
			errs = append(errs, fmt.Errorf("rule %q: no case", e.ID))
		}
		b.byID[e.ID] = e
	}
	known := func(kind, id string, rules []string) {
		for _, r := range rules {
			if b.byID[r] == nil {
				errs = append(errs, fmt.Errorf("%s %q: there is no rule %q", kind, id, r))
			}
		}
	}
	for _, p := range b.Points {
		errs = append(errs, take("point", p.ID, p.Title, p.Followed, p.Why))
		known("point", p.ID, p.Rules)
	}
	for _, u := range b.Unprocessed {
		errs = append(errs, take("product", u.ID, u.Title, u.Reason, u.Instead, u.Source))
		known("product", u.ID, u.Rules)
	}
	for _, q := range b.Equivalents {
		errs = append(errs, take("equivalent", q.ID, q.Source))
		if q.Low > q.High || q.Word == "" && q.Unit == "" {
			errs = append(errs, fmt.Errorf("equivalent %q: low lies above high, or it has no unit and no words", q.ID))
		}
	}
	return errors.Join(errs...)
}
