package review

// The family of forms: what shape the food has in the jar, and how it was
// prepared.
var formRules = []*Rule{
	{
		Code:     "puree",
		Title:    "Do not puree before canning",
		LooksFor: "blending, mashing, sieving, cooking to a mush; lentils and split peas, which fall apart",
		Why:      "A puree is thick, and no time reaches its middle for sure.",
		WayRound: "Can it in pieces; blend when you open the jar.",
		Source:   "USDA Complete Guide 2015, guides 1 and 4; NCHFP",
	},
	{
		Code:     "squash-mash",
		Title:    "No mashed pumpkin or squash",
		LooksFor: "pumpkin, squash or sweet potato mashed, pureed or made into a spread",
		Why:      "The mash is thick and low in acid, and differs too much for any time to be safe; sugar and lemon do not mend it.",
		WayRound: "Can one-inch cubes in water and mash when you open the jar, or freeze the puree.",
		Source:   "USDA Complete Guide 2015, guide 4, Pumpkins; NCHFP",
	},
	{
		Code:     "unpeeled-root",
		Title:    "Peel the roots",
		LooksFor: "carrots, potatoes, beets and other roots with their skin on",
		Why:      "Soil spores sit in the skin; the process was tested on peeled roots.",
		WayRound: "Peel them; cook beets and slip their skins.",
		Source:   "USDA Complete Guide 2015, guide 4",
	},
	{
		Code:     "tomato-skin",
		Title:    "Skin the tomatoes",
		LooksFor: "tomatoes canned with their skin on",
		Why:      "Most germs sit on the skin, and the recipe was tested peeled.",
		WayRound: "Dip in boiling water half a minute, chill, slip the skins off.",
		Source:   "USDA Complete Guide 2015, guide 3",
	},
	{
		Code:     "dry-legume-unsoaked",
		Title:    "Soak and boil the beans first",
		LooksFor: "dried beans or peas that go into the jar unsoaked",
		Why:      "Dry beans swell, drink the liquid and make a plug that heat does not get through.",
		WayRound: "Soak 12 to 18 hours, or boil 2 minutes and soak 1 hour; drain; boil 30 minutes in fresh water.",
		Source:   "USDA Complete Guide 2015, guide 4, Beans or peas, shelled, dried",
	},
	{
		Code:     "piece-size",
		Title:    "Keep to the tested pieces",
		LooksFor: "pieces other than the procedure's: grated, roasted, crushed, whole where cut",
		Why:      "Larger pieces heat more slowly inside, and finely cut or dried ones pack solid.",
		WayRound: "Cut as the procedure says.",
		Source:   "USDA Complete Guide 2015, guides 1 and 4",
	},
	{
		Code:     "thick-sauce",
		Title:    "Keep it thin",
		LooksFor: "cooking down or thickening past what the procedure says",
		Why:      "A thick jar heats more slowly than the thin one that was tested.",
		WayRound: "Can it thin; cook it down when you open the jar.",
		Source:   "USDA Complete Guide 2015, guide 3 (tested reduction only)",
	},
	{
		Code:     "solids-ratio",
		Title:    "Half solids, half liquid",
		LooksFor: "soup jars filled more than half with solids",
		Why:      "The soup time was tested with half the jar free liquid; a dense jar heats far more slowly.",
		WayRound: "Fill jars half with solids, then to 1 inch of the top with broth.",
		Source:   "USDA Complete Guide 2015, guide 4, Soups",
	},
}
