package store

import (
	"encoding/json"
	"fmt"
	"slices"
	"strings"
	"time"

	"damson/core/canner"
	"damson/core/elevation"
	"damson/core/food"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
)

// What a field holds at most, in bytes; the forms ask for less.
const (
	maxName = 400
	maxLong = 4000
)

// whole looks through everything that is stored, as the pages read it, and returns what
// cannot be right: the table, the row, and what is wrong with it. A recipe without
// versions gets its first.
func (s *Store) whole() error {
	err := s.db.Exec(`INSERT INTO versions (recipe_id, no, title, text, why, created_at)
		SELECT id, 1, title, text, '', updated_at FROM recipes WHERE id NOT IN (SELECT recipe_id FROM versions)`).Error
	if err != nil {
		return err
	}
	for _, name := range tables {
		if err := looks[name](s, name); err != nil {
			return err
		}
	}
	return nil
}

// looks look through each of the tables for what cannot be right.
var looks = map[string]func(s *Store, table string) error{
	"kitchens":     every((*Kitchen).fault),
	"canners":      every((*Canner).fault),
	"jar_stocks":   every((*JarStock).fault),
	"recipes":      every((*Recipe).fault),
	"versions":     every((*Version).fault),
	"checks":       every((*checkRow).fault),
	"procedures":   every((*procedureRow).fault),
	"foods":        every((*foodRow).fault),
	"answers":      every((*Answer).fault),
	"meters":       every((*Meter).fault),
	"calibrations": every((*Calibration).fault),
	"readings":     every((*Reading).fault),
	"plans":        every((*Plan).fault),
	"plan_dishes":  every((*PlanDish).fault),
	"plan_moves":   every((*PlanMove).fault),
	"took":         every((*Took).fault),
	"runs":         every((*Run).fault),
	"run_events":   every((*RunEvent).fault),
	"run_parts":    every((*RunPart).fault),
	"lots":         every((*Lot).fault),
	"lot_moves":    every((*LotMove).fault),
	"prices":       every((*Price).fault),
	"spent":        every((*Spent).fault),
	"choices":      every((*choiceRow).fault),
}

// every reads a table, some rows at a time, and stops at the first fault.
func every[T any](fault func(*T) string) func(*Store, string) error {
	const some = 500
	return func(s *Store, table string) error {
		for skip := 0; ; skip += some {
			var rows []T
			if err := s.db.Table(table).Order("rowid").Offset(skip).Limit(some).Find(&rows).Error; err != nil {
				return fmt.Errorf("%s, among rows %d to %d: %w", table, skip+1, skip+some, err)
			}
			for i := range rows {
				if what := fault(&rows[i]); what != "" {
					return fmt.Errorf("%s, row %d: %s", table, skip+i+1, what)
				}
			}
			if len(rows) < some {
				return nil
			}
		}
	}
}

// first returns the first fault that is none of "".
func first(faults ...string) string {
	for _, f := range faults {
		if f != "" {
			return f
		}
	}
	return ""
}

func oneOf(what, value string, of ...string) string {
	if slices.Contains(of, value) {
		return ""
	}
	return fmt.Sprintf("%q is no %s", short(value), what)
}

func within(what string, value, least, most float64) string {
	if value >= least && value <= most {
		return ""
	}
	return fmt.Sprintf("%s %v is not between %v and %v", what, value, least, most)
}

func letters(what, value string, most int) string {
	if len(value) <= most {
		return ""
	}
	return fmt.Sprintf("%s is longer than %d letters", what, most)
}

func dayOrNone(what, value string) string {
	if _, err := time.Parse(time.DateOnly, value); value == "" || err == nil {
		return ""
	}
	return fmt.Sprintf("%s %q is no day like 2026-11-25", what, short(value))
}

func given(what, value string) string {
	if strings.TrimSpace(value) == "" {
		return "not given: " + what
	}
	return ""
}

func jarOrNone(value string) string {
	if _, ok := quantity.ParseJar(value); ok || value == "" {
		return ""
	}
	return fmt.Sprintf("%q is no jar", short(value))
}

func short(s string) string { return s[:min(len(s), 40)] }

func choicesFault(jar, pack, method string) string {
	return first(jarOrNone(jar), oneOf("pack", pack, "", "hot", "raw"), oneOf("method", method, "", canner.Bath, canner.Steam, canner.Pressure))
}

func (k *Kitchen) fault() string {
	return first(given("the name", k.Name), letters("the name", k.Name, maxName), within("the elevation", float64(k.ElevationFt), elevation.Lowest, elevation.Highest), choicesFault(k.Jar, k.Pack, k.Method),
		oneOf("stance", k.Stance, "", "book", "guideline"), within("the burners", float64(k.Burners), 0, 12), within("the lids", float64(min(k.LidsRegular, k.LidsWide)), 0, 20000), within("the lids", float64(max(k.LidsRegular, k.LidsWide)), 0, 20000))
}

func (c *Canner) fault() string {
	return first(given("the name", c.Name), letters("the name", c.Name, maxName), oneOf("kind of canner", c.Kind, canner.Bath, canner.Steam, canner.Pressure, canner.Electric, canner.NotOne), oneOf("gauge", c.Gauge, "", canner.Dial, canner.Weighted, canner.Both),
		within("the jars or layers", float64(min(c.Quarts, c.Pints, c.HalfPints, c.Layers)), 0, 200), within("the jars or layers", float64(max(c.Quarts, c.Pints, c.HalfPints, c.Layers)), 0, 200),
		within("the water", c.WaterQuarts, 0, 60), within("the venting", float64(c.VentMinutes), 0, 200), within("the dial's error", c.ReadsHigh, -20, 60), dayOrNone("the test", c.TestedOn), dayOrNone("the gasket", c.GasketOn), letters("the stove", c.Stove, 40))
}

func (c *choiceRow) fault() string {
	return first(given("the point", c.Point), letters("the choice", c.Point+c.Choice, maxLong))
}

func (j *JarStock) fault() string {
	return first(given("the jar", j.Size), jarOrNone(j.Size), within("the count", float64(j.Count), 0, 20000))
}

func textFault(text string) string {
	if err := recipe.CheckStored(text); err != nil {
		return "the text: " + err.Error()
	}
	return ""
}

func (r *Recipe) fault() string {
	return first(textFault(r.Text), given("the title", r.Title), letters("the title", r.Title, maxLong), letters("the sender", r.SentBy, maxName), letters("the source", r.From.Book+r.From.Edition+r.From.Page, maxLong), choicesFault(r.Jar, r.Pack, r.Method), letters("the procedure", r.Procedure, maxName))
}

func (v *Version) fault() string {
	return first(textFault(v.Text), letters("the title", v.Title, maxLong), letters("the reason", v.Why, maxLong), within("the number", float64(v.No), 1, 1e6))
}

func (c *checkRow) fault() string {
	return first(given("the procedure", c.Procedure), letters("a field", c.Procedure+c.Part+c.Status+c.Figures+c.Edition+c.Page+c.CheckedBy, maxLong), dayOrNone("the day", c.CheckedOn))
}

func (p *procedureRow) fault() string {
	var body procedure.Procedure
	if err := json.Unmarshal([]byte(p.Body), &body); err != nil {
		return "the procedure cannot be read: " + err.Error()
	}
	if body.ID != p.ID || p.ID == "" {
		return fmt.Sprintf("the procedure inside has the id %q, the row %q", short(body.ID), short(p.ID))
	}
	if err := body.Check(); err != nil {
		return err.Error()
	}
	return letters("the id", p.ID, maxName)
}

func (f *foodRow) fault() string {
	made, err := food.Own(f.Name, f.Kind)
	if err != nil {
		return err.Error()
	}
	if made.ID != f.ID {
		return fmt.Sprintf("the food %q has the id %q, not %q", f.Name, made.ID, short(f.ID))
	}
	return ""
}

func (a *Answer) fault() string {
	return first(given("the words", a.Words), letters("the words", a.Words, maxLong), given("the answer", a.Answer), letters("the answer", a.Answer, maxName))
}

func (m *Meter) fault() string {
	return first(given("the name", m.Name), letters("the name", m.Name, maxName), letters("the day", m.DueOn, 40))
}

func (c *Calibration) fault() string {
	return first(given("the day", c.OnDay), dayOrNone("the day", c.OnDay), within("a buffer", min(c.Low, c.High), 0, 14), within("a buffer", max(c.Low, c.High), 0, 14), within("millivolts", min(c.LowMV, c.HighMV), -2000, 2000), within("millivolts", max(c.LowMV, c.HighMV), -2000, 2000),
		within("the temperature", c.Celsius, -50, 150), letters("a field", c.LowLot+c.HighLot+c.LowExpiry+c.HighExpiry+c.DoneBy, maxLong))
}

func (r *Reading) fault() string {
	return first(given("the day", r.OnDay), dayOrNone("the day", r.OnDay), within("the hours", r.Hours, 0, 1e6), within("the temperature", r.Celsius, -50, 150), letters("a field", r.Sample+r.How+r.Typed+r.Note+r.DoneBy, 2*maxLong))
}

func (p *Plan) fault() string {
	if _, err := time.Parse("15:04", p.Clock); err != nil {
		return fmt.Sprintf("%q is no time of day like 17:30", short(p.Clock))
	}
	return first(given("the day", p.OnDay), dayOrNone("the day", p.OnDay), within("the hands", float64(p.Hands), 0, 12))
}

func (d *PlanDish) fault() string {
	return first(within("the jars", float64(d.Jars), 0, 5000), letters("a field", d.Process+d.Syrup, maxLong))
}

func (m *PlanMove) fault() string {
	return first(within("the minutes", float64(m.Minutes), -10000, 10000), letters("the piece", m.Piece, maxName))
}

func (t *Took) fault() string {
	return first(within("the minutes", float64(t.Minutes), 0, 10000), letters("the piece", t.Piece, maxName), dayOrNone("the day", t.OnDay))
}

func (r *Run) fault() string {
	if err := r.Load().Check(); err != nil {
		return err.Error()
	}
	return first(letters("a field", r.Title+r.Procedure+r.Product+r.Source+r.Canner+r.Kitchen+r.Jar+r.Pack+r.Acid+r.Class+r.Fault+r.Token, maxLong), within("the elevation", float64(r.ElevationFt), -1000, 30000),
		within("the minutes", float64(r.Minutes), 1, 1000), within("the pressure", r.Hold, 0, 30), within("the jars", float64(r.Jars), 1, 400), within("the speed", float64(r.Speed), 0, 1000))
}

func (p *RunPart) fault() string {
	fields := p.Title + p.Procedure + p.Product + p.Source + p.Jar + p.Pack + p.Acid + p.Class
	return first(letters("a field", fields, maxLong), within("the minutes", float64(p.Minutes), 1, 1000),
		within("the jars", float64(p.Jars), 1, 400))
}

func (e *RunEvent) fault() string {
	if !e.Kind.Known() {
		return fmt.Sprintf("%q is nothing that happens at a canner", short(string(e.Kind)))
	}
	return first(within("the number", float64(e.Number), 1, 1e7), within("the pressure", e.PSI, -5, 60), within("the temperature", e.F, -60, 400), within("the jars", float64(e.Jars+e.Broken), 0, 400), letters("the note", e.Note, maxLong))
}

func (l *Lot) fault() string {
	return first(given("the day", l.MadeOn), dayOrNone("the day", l.MadeOn), dayOrNone("the day of the test", l.CheckedOn), within("the jars", float64(l.Sealed), 0, 5000), within("the jars", float64(l.Unsealed), 0, 5000), within("the months", float64(l.Best), 0, 120), within("the minutes", float64(l.Boil), 0, 120),
		letters("a field", l.Title+l.Jar+l.Class+l.Went+l.Place+l.Note+l.DoneBy+l.Doubt, 2*maxLong))
}

func (m *LotMove) fault() string {
	return first(given("the day", m.OnDay), dayOrNone("the day", m.OnDay), within("the jars", float64(m.Jars), 1, 5000), letters("a field", m.Kind+m.Note, maxLong))
}

func (p *Price) fault() string {
	return first(letters("a field", p.Thing+p.Unit, maxName), within("the price", p.Money, 0, 1e6))
}

func (x *Spent) fault() string {
	return first(within("the water", x.WaterQuarts, 0, MostWater), within("the heat", x.KWh, 0, MostHeat),
		within("the heat as reckoned", x.ReckonedKWh, 0, MostHeat), letters("the fuel", x.Fuel, maxName))
}
