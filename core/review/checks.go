package review

// check is one look at a draft beside a procedure.
type check struct {
	name string
	run  func(*bench)
	// reports are the codes that it may report, with blanks between.
	reports string
}

// anyCode stands for every code: a sentence that nobody can read is asked about
// under the rule that its words point to.
const anyCode = ""

// checks returns all checks in the order in which they look. An earlier one may
// give an ingredient leave that a later one then respects; the last three ask
// about the lines, sentences and figures that none has spoken of: that is how clear
// is earned.
func checks() []check {
	return []check{
		{"dilution", dilution, "acid-diluted unclear-amount"},
		{"water in the method", watering, "acid-diluted"},
		{"ferments", fermented, "acid-short no-acid-added"},
		{"elevation", elevationGiven, "altitude"},
		{"canner asked for", cannerAsked, "canner-water cooker-not-canner"},
		{"cookers", cookers, "cooker-not-canner"},
		{"cooling", cooling, "cooling"},
		{"cured meat", banned("cured-meat"), "cured-meat"},
		{"dairy", dairy, "dairy fat"},
		{"soaking", soaking, "dry-legume-unsoaked"},
		{"egg", banned("egg"), "egg"},
		{"fats", fats, "dairy fat unclear-amount"},
		{"trimming", trimming, "fat"},
		{"headspace", headspace, "headspace"},
		{"jars", jars, "jar-size"},
		{"filling of the jars", jarful, "headspace omission"},
		{"kinds of jars", jarTypes, "jar-type"},
		{"leaflet of the pectin", leaflet, "batch-size proportion sugar-change"},
		{"lids", lids, "lid"},
		{"low-acid fruit", lowAcidFruit, "low-acid-fruit"},
		{"methods", methods, "low-acid-in-water-bath method-mismatch steam-limit"},
		{"acids", acids, "acid-short acid-swap fresh-citrus no-acid-added substitution unclear-amount weak-vinegar"},
		{"no home process", notRecommended, "not-recommended-food"},
		{"nuts", banned("nut"), "nut"},
		{"oil packs", oilPack, "oil-pack"},
		{"omissions", omissions, "omission pack-style"},
		{"skins", skins, "omission"},
		{"open kettle", openKettle, "open-kettle process-short"},
		{"oven", oven, "oven"},
		{"packs", packs, "pack-style"},
		{"pieces", pieces, "fat pack-style piece-size substitution"},
		{"sizes", sizes, "piece-size"},
		{"stated process", statedProcess, "altitude method-mismatch pressure-high pressure-low process-long process-short"},
		{"purees", purees, "puree"},
		{"seafood", seafood, "seafood-mix"},
		{"solids", solids, "solids-ratio"},
		{"squash mash", squashMash, "squash-mash"},
		{"grains", banned("starch-solid"), "starch-solid"},
		{"reducing", reducing, "thick-sauce"},
		{"thickeners", thickeners, "dairy thickener"},
		{"tomato skins", peeling("tomato-skin", "tomato"), "tomato-skin"},
		{"proportions", proportions, "base-added batch-size low-acid-increase omission proportion seasoning-change substitution sugar-change thickener unclear-amount weak-vinegar"},
		{"root skins", peeling("unpeeled-root", "root"), "unpeeled-root"},
		{"varieties", varieties, "variety-myth"},
		{"vent", vent, "vent"},
		{"lines", accountLines, "added-ingredient base-added jar-size piece-size process-short proportion seasoning-change substitution unclear-amount unknown-ingredient"},
		{"sentences", (*bench).accountSteps, anyCode},
		{"figures", (*bench).figuresUnread, "pressure-low process-short"},
	}
}
