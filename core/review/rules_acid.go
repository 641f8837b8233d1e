package review

const acidWhy = "The acid in this recipe is what keeps botulism from growing; it was measured for the tested amount."

// The family of acid: what makes an acidified product safe.
var acidRules = []*Rule{
	{
		Code:     "no-acid-added",
		Title:    "Add the acid",
		LooksFor: "the tested acid left out",
		Why:      acidWhy,
		WayRound: "Add bottled lemon juice or citric acid as the procedure says.",
		Source:   "USDA Complete Guide 2015, guide 3, acidification",
	},
	{
		Code:     "acid-short",
		Title:    "More acid",
		LooksFor: "less acid than tested, or acid not measured for each jar",
		Why:      acidWhy,
		WayRound: "Restore the tested amount; balance the taste with sugar.",
		Source:   "USDA Complete Guide 2015, guides 3 and 6",
	},
	{
		Code:     "fresh-citrus",
		Title:    "Use bottled juice",
		LooksFor: "fresh lemon or lime juice where the acid makes it safe",
		Why:      "Fresh fruit varies; bottled juice has a steady strength.",
		WayRound: "Use bottled lemon or lime juice, the same measure.",
		Source:   "NCHFP; 21 CFR 146.114",
	},
	{
		Code:     "weak-vinegar",
		Title:    "Vinegar of 5 percent",
		LooksFor: "vinegar under 5 percent, or of unknown strength",
		Why:      "Weaker vinegar brings less acid, and the food may stay above pH 4.6.",
		WayRound: "Use vinegar labelled 5 percent or more.",
		Source:   "USDA Complete Guide 2015, guide 6",
	},
	{
		Code:     "acid-swap",
		Title:    "Keep the tested acid",
		LooksFor: "vinegar in place of lemon juice, or lemon in place of vinegar",
		Why:      "Vinegar is a weaker acid than bottled lemon juice, measure for measure.",
		WayRound: "Use bottled lemon or lime juice, the same measure.",
		Source:   "Pacific Northwest Extension, salsa recipes; NCHFP",
	},
	{
		Code:     "acid-diluted",
		Title:    "No more water",
		LooksFor: "more water to the vinegar than tested",
		Why:      "Water weakens the acid that the vegetables need.",
		WayRound: "Keep the tested water, or less; sweeten if it is sharp.",
		Source:   "USDA Complete Guide 2015, guide 6",
	},
	{
		Code:     "base-added",
		Title:    "No soda, no lime left in",
		LooksFor: "baking soda, or pickling lime that is not rinsed off",
		Why:      "Both are alkaline and undo the acid; in a low-acid food they were never tested.",
		WayRound: "Leave the soda out; rinse the lime off, three soaks in fresh water.",
		Source:   "USDA Complete Guide 2015, guide 6, firming agents",
	},
	{
		Code:     "low-acid-in-water-bath",
		Title:    "This needs a pressure canner",
		LooksFor: "low-acid food in a water bath or steam canner",
		Why:      "Botulism spores survive hours of boiling and grow in a sealed low-acid jar.",
		WayRound: "Use a pressure canner and the tested time, or freeze it.",
		Source:   "USDA Complete Guide 2015, guide 1",
	},
	{
		Code:     "variety-myth",
		Title:    "No tomato is acid enough",
		LooksFor: "the claim that a variety needs no acid",
		Why:      "Old and new varieties lie on both sides of pH 4.6.",
		WayRound: "Add the acid whatever the variety.",
		Source:   "USDA Complete Guide 2015, guide 3",
	},
}
