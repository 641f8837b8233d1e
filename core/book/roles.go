package book

import (
	"slices"
	"strings"

	"damson/core/food"
	"damson/core/procedure"
	"damson/core/quantity"
)

// roles guesses what each line is for, from what it is, and how much of it there is.
func (d *Draft) roles() {
	main := d.heaviest()
	for i := range d.Lines {
		l := &d.Lines[i]
		l.Role, l.Why, l.Sure = roleOf(l.Food, d.Product)
		switch {
		case i == main:
			l.Role, l.Why, l.Sure = procedure.Main, "the most of it by weight", true
		case l.Role == procedure.LowAcid && main >= 0 && d.beside(main, l):
			l.Role, l.Why, l.Sure = procedure.Main, "as much of it as of the most", false
		case l.Per != "" && l.Role == procedure.Acid:
			l.Why = "acid in each jar"
		}
	}
}

// heaviest returns the line that the product is made of: the most by weight of what is no liquid,
// acid, salt, sugar or spice; the first where no weight is known.
func (d *Draft) heaviest() int {
	best, weight := -1, -1.0
	for i := range d.Lines {
		l := &d.Lines[i]
		role, _, _ := roleOf(l.Food, d.Product)
		if l.Food == nil || role != procedure.LowAcid && role != procedure.Extra && !(role == procedure.Liquid && isJuice(l.Food)) {
			continue
		}
		if l.grams > weight {
			best, weight = i, l.grams
		}
	}
	return best
}

// beside reports a food that the product is made of as much as of the main one: half its weight,
// and of a kind with it.
func (d *Draft) beside(main int, l *Line) bool {
	m := &d.Lines[main]
	return m.grams > 0 && l.grams >= halfAsMuch*m.grams && l.Food.Kind == m.Food.Kind
}

const halfAsMuch = 0.5

func isJuice(f *food.Food) bool { return f.In("fruit-juice", "tomato-juice") }

// roleOf is what a food is for in a recipe of the kind of product, when it is not what the product
// is made of. Sure is true where it can hardly be another.
func roleOf(f *food.Food, product string) (role procedure.Role, why string, sure bool) {
	switch {
	case f == nil:
		return "", "", false
	case f.In("vinegar", "bottled-citrus", "citric-acid"):
		return procedure.Acid, "an acid of known strength", true
	case f.In("citrus-juice"):
		return procedure.Acid, "an acid", false
	case f.Kind == "salt" && product == "ferment":
		return procedure.FermentSalt, "salt of a ferment", true
	case f.Kind == "salt":
		return procedure.Salt, "salt", true
	case f.In("thickener", "modified-starch"), f.Kind == "starch":
		return procedure.Starch, "it thickens", true
	case f.Kind == "gel":
		return procedure.Gel, "it sets", true
	case f.Kind == "sweetener" && (product == "jam" || product == "spread"):
		return procedure.GelSugar, "the set needs it", true
	case f.Kind == "sweetener":
		return procedure.Sugar, "it sweetens", true
	case f.Kind == "fat", f.In("liquid-oil", "fat"):
		return procedure.Fat, "fat", true
	case f.ID == "water", f.Kind == "liquid" && !isJuice(f), f.In("broth"):
		return procedure.Liquid, "it covers the rest", true
	case isJuice(f):
		return procedure.Liquid, "a juice", false
	case f.Kind == "spice", f.In("dry-seasoning"):
		return procedure.Seasoning, "a dry seasoning", true
	case slices.Contains([]string{"vegetable", "legume", "meat", "poultry", "seafood"}, f.Kind), f.Kind == "herb":
		return procedure.LowAcid, "low in acid, not the most of it", true
	}
	return procedure.Extra, "not what it is made of", false
}

// kind guesses product, class and acidity from the title's kind, the main food and the acid.
func (d *Draft) kind() {
	main := d.main()
	vinegar := slices.ContainsFunc(d.Lines, func(l Line) bool { return l.Role == procedure.Acid && l.Per == "" && l.Food.In("vinegar") })
	if d.Product == "" {
		d.Product = "plain"
		if main != nil && vinegar && (main.Kind == "vegetable" || main.Kind == "legume") {
			d.Product = "pickle"
		}
	}
	d.Class = classOf(d.Product, main)
	acid := slices.ContainsFunc(d.Lines, func(l Line) bool { return l.Role == procedure.Acid })
	pressure := len(d.Rows) > 0 && !slices.ContainsFunc(d.Rows, func(r Row) bool { return r.Method != procedure.Pressure })
	switch {
	case pressure && !(acid && d.Class == "tomato"), d.Product == "soup":
		d.Acidity = "low-acid"
	case acid && !d.sour():
		d.Acidity = "acidified"
	case d.sour():
		d.Acidity = "acid"
	default:
		d.Acidity = "low-acid"
	}
}

func (d *Draft) main() *food.Food {
	for _, l := range d.Lines {
		if l.Role == procedure.Main {
			return l.Food
		}
	}
	return nil
}

// sour reports a product of acid foods only: no line of a food that is low in acid.
func (d *Draft) sour() bool {
	some := false
	for _, l := range d.Lines {
		if l.Role != procedure.Main && l.Role != procedure.LowAcid {
			continue
		}
		some = true
		if l.Food.AcidClass() != "acid" {
			return false
		}
	}
	return some
}

// classOf is where the library keeps a product.
func classOf(product string, main *food.Food) string {
	switch product {
	case "jam", "pickle", "relish", "salsa", "soup":
		return product
	case "ferment":
		return "fermented"
	case "curd":
		return "spread"
	case "chili", "stock":
		return "meat"
	}
	switch {
	case main == nil:
		return "vegetable"
	case main.In("tomato"):
		return "tomato"
	case slices.Contains([]string{"meat", "poultry", "seafood", "fruit"}, main.Kind):
		return main.Kind
	}
	return "vegetable"
}

// Dose writes the acid that goes into each jar, as process rows state it; "" for none.
func (d *Draft) Dose(jar quantity.Jar) string {
	var out []string
	for _, l := range d.Lines {
		if l.Per == "" || l.Role != procedure.Acid || l.Amount <= 0 || jar.Ounces() == 0 {
			continue
		}
		v := l.Amount * jar.Ounces() / l.Per.Ounces()
		out = append(out, quantity.Kitchen(v, l.Unit)+" "+l.Name)
	}
	return strings.Join(out, " and ")
}
