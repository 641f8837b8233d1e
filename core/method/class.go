package method

import "damson/core/food"

// Class is what a thing of a sentence is.
type Class string

// The classes of things; frames.yaml speaks of them.
const (
	Food      Class = "food" // any food, the mixture, "it", "them", "everything"
	Soft      Class = "soft" // cooked root, pulse, squash
	Juicy     Class = "juicy"
	Meat      Class = "meat"
	Pulse     Class = "pulse"
	Part      Class = "part" // skin, seed, core, stalk, bone, fat of meat
	Foam      Class = "foam"
	Bag       Class = "bag"
	Liquid    Class = "liquid"
	Acid      Class = "acid"
	Salt      Class = "salt"
	Sugar     Class = "sugar"
	Seasoning Class = "seasoning"
	Fat       Class = "fat"
	Dairy     Class = "dairy"
	Thickener Class = "thickener"
	Starch    Class = "starch"
	Egg       Class = "egg"
	Nut       Class = "nut"
	Base      Class = "base"
	Pot       Class = "pot"
	Jar       Class = "jar"
	FullJar   Class = "full-jar"
	Lid       Class = "lid"
	Band      Class = "band"
	Rim       Class = "rim"
	Bubble    Class = "bubble"
	Gap       Class = "gap"
	Wax       Class = "wax"
	Cloth     Class = "cloth"
	Label     Class = "label"
	Canner    Class = "canner"
	Water     Class = "water"
	Rack      Class = "rack"
	Weight    Class = "weight"
	Steam     Class = "steam"
	Pressure  Class = "pressure"
	Gauge     Class = "gauge"
	Burner    Class = "burner"
	Clock     Class = "clock"
	Person    Class = "person"
	Animal    Class = "animal"
	Plant     Class = "plant"
	Place     Class = "place"
	Thing     Class = "thing"
	None      Class = "none"
	// Pronoun is "it", "them", "those": what it stands for is the reader's to find.
	Pronoun Class = "pronoun"
	// Vague is what goes in without a name: "the usual", "whatever is left".
	Vague Class = "vague"
)

// groupClass says which class a food's group makes it; the first that fits
// counts.
var groupClass = []struct {
	class  Class
	groups []string
}{
	{Acid, []string{"vinegar", "weak-vinegar", "bottled-citrus", "citrus-juice", "citric-acid"}},
	{Salt, []string{"salt"}},
	{Base, []string{"alkali"}},
	{Thickener, []string{"thickener", "hides-thickener"}},
	{Starch, []string{"starch-solid"}},
	{Egg, []string{"egg"}},
	{Dairy, []string{"dairy"}},
	{Fat, []string{"fat", "liquid-oil"}},
	{Nut, []string{"nut"}},
	{Sugar, []string{"sugar", "honey", "molasses"}},
	{Seasoning, []string{"dry-seasoning", "herb", "garlic", "zest"}},
	{Pulse, []string{"dry-bean", "mushy-legume"}},
	{Meat, []string{"red-meat", "ground-meat", "poultry", "bone-in-poultry", "seafood", "cured-meat"}},
	{Juicy, []string{"tomato", "berry", "grape", "cherry"}},
	{Soft, []string{"potato", "winter-squash", "sweet-potato", "root"}},
	{Liquid, []string{"water", "broth", "tomato-juice", "fruit-juice", "fruit-syrup", "wine"}},
}

// classOf returns the class of a food.
func classOf(f *food.Food) Class {
	for _, g := range groupClass {
		if f.In(g.groups...) {
			return g.class
		}
	}
	if f != nil && f.Kind == "spice" {
		return Seasoning
	}
	return Food
}

// stuff are the classes that go into a jar.
var stuff = map[Class]bool{Food: true, Soft: true, Juicy: true, Meat: true, Pulse: true, Liquid: true, Acid: true, Salt: true, Sugar: true, Seasoning: true, Fat: true,
	Dairy: true, Thickener: true, Starch: true, Egg: true, Nut: true, Base: true, Vague: true, Bag: true}

// trade are the classes whose touch must be read.
var trade = map[Class]bool{Jar: true, FullJar: true, Lid: true, Band: true, Rim: true, Bubble: true, Gap: true, Wax: true, Canner: true, Water: true, Rack: true, Weight: true,
	Steam: true, Pressure: true, Gauge: true, Burner: true, Clock: true, Pot: true, Part: true, Foam: true, Bag: true}

// fits reports whether a thing of class have may stand where a frame wants
// want.
func fits(have, want Class) bool {
	switch want {
	case have:
		return true
	case Food:
		return stuff[have] || have == Part || have == Foam || have == Pronoun || have == Unknown
	case Soft, Juicy, Meat, Pulse:
		return have == Food || have == Pulse && want == Soft || have == Pronoun || have == Soft && want == Pulse
	case Liquid:
		return have == Water || have == Acid || have == Pronoun || have == Food
	case Water:
		return have == Liquid
	case FullJar:
		return have == Jar || have == Pronoun || have == Food
	case Jar:
		return have == FullJar || have == Pronoun
	case Canner:
		return have == Pronoun || have == Pressure || have == Steam || have == Weight || have == Gauge
	case Pressure:
		return have == Canner || have == Gauge || have == Pronoun || have == Burner
	case Burner:
		return have == Canner || have == Pronoun
	case None, "":
		return true
	case Thing:
		return have == Place
	case Person, Animal:
		return have == Pronoun
	case Lid, Band, Rim, Bubble, Gap, Weight, Steam, Gauge, Label, Bag, Foam, Part:
		return false
	case Dairy, Fat, Thickener, Starch, Egg, Nut, Base, Acid, Salt, Sugar, Seasoning:
		return want == Fat && have == Dairy || want == Seasoning && have == Salt
	}
	return false
}
