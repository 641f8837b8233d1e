package review

import "strings"

// check is one look at a draft beside a procedure.
type check struct {
	name string
	run  func(*bench)
	// reports are the codes that it may report.
	reports []string
}

func codes(list string) []string { return strings.Fields(list) }

// anyCode stands for every code: a sentence that nobody can read is asked about
// under the rule that its words point to.
var anyCode []string

// checks returns all checks in the order in which they look. An earlier one may
// give an ingredient leave that a later one then respects; the last three ask
// about the lines, sentences and figures that none has spoken of: that is how clear
// is earned.
func checks() []check {
	return []check{
		{"dilution", dilution, codes("acid-diluted unclear-amount")},
		{"water in the method", watering, codes("acid-diluted")},
		{"ferments", fermented, codes("acid-short no-acid-added")},
		{"elevation", elevationGiven, codes("altitude")},
		{"canner asked for", cannerAsked, codes("canner-water cooker-not-canner")},
		{"cookers", cookers, codes("cooker-not-canner")},
		{"cooling", cooling, codes("cooling")},
		{"cured meat", banned("cured-meat"), codes("cured-meat")},
		{"dairy", dairy, codes("dairy fat")},
		{"soaking", soaking, codes("dry-legume-unsoaked")},
		{"egg", banned("egg"), codes("egg")},
		{"fats", fats, codes("dairy fat unclear-amount")},
		{"trimming", trimming, codes("fat")},
		{"headspace", headspace, codes("headspace")},
		{"jars", jars, codes("jar-size")},
		{"filling of the jars", jarful, codes("headspace omission")},
		{"kinds of jars", jarTypes, codes("jar-type")},
		{"leaflet of the pectin", leaflet, codes("batch-size proportion sugar-change")},
		{"lids", lids, codes("lid")},
		{"low-acid fruit", lowAcidFruit, codes("low-acid-fruit")},
		{"methods", methods, codes("low-acid-in-water-bath method-mismatch steam-limit")},
		{"acids", acids, codes("acid-short acid-swap fresh-citrus no-acid-added substitution unclear-amount weak-vinegar")},
		{"no home process", notRecommended, codes("not-recommended-food")},
		{"nuts", banned("nut"), codes("nut")},
		{"oil packs", oilPack, codes("oil-pack")},
		{"omissions", omissions, codes("omission pack-style")},
		{"skins", skins, codes("omission")},
		{"open kettle", openKettle, codes("open-kettle process-short")},
		{"oven", oven, codes("oven")},
		{"packs", packs, codes("pack-style")},
		{"pieces", pieces, codes("fat pack-style piece-size substitution")},
		{"sizes", sizes, codes("piece-size")},
		{"stated process", statedProcess, codes("altitude method-mismatch pressure-high pressure-low process-long process-short")},
		{"purees", purees, codes("puree")},
		{"seafood", seafood, codes("seafood-mix")},
		{"solids", solids, codes("solids-ratio")},
		{"squash mash", squashMash, codes("squash-mash")},
		{"grains", banned("starch-solid"), codes("starch-solid")},
		{"reducing", reducing, codes("thick-sauce")},
		{"thickeners", thickeners, codes("dairy thickener")},
		{"tomato skins", peeling("tomato-skin", "tomato"), codes("tomato-skin")},
		{"proportions", proportions, codes("base-added batch-size low-acid-increase omission proportion seasoning-change substitution sugar-change thickener unclear-amount weak-vinegar")},
		{"root skins", peeling("unpeeled-root", "root"), codes("unpeeled-root")},
		{"varieties", varieties, codes("variety-myth")},
		{"vent", vent, codes("vent")},
		{"lines", accountLines, codes("added-ingredient base-added jar-size piece-size process-short proportion seasoning-change substitution unclear-amount unknown-ingredient")},
		{"sentences", (*bench).accountSteps, anyCode},
		{"figures", (*bench).figuresUnread, codes("pressure-low process-short")},
	}
}
