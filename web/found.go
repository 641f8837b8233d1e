package web

import "damson/core/library"

// pagesFound are the pages that a search finds, by what people call what they do there.
var pagesFound = map[library.Hit][]string{
	{Kind: library.KindPage, ID: "/kitchen", Title: "Kitchen: elevation, canners, gauges, jars"}: {"jar " +
		"lifter", "equipment", "rack", "gasket", "safety valve", "my canner", "canner size", "how high do I live", "jar " +
		"stock", "lids left"},
	{Kind: library.KindPage, ID: "/acidity/log", Title: "pH log: meters, calibrations, readings"}: {"pH " +
		"meter", "calibrate", "buffer", "measure pH", "reading"},
	{Kind: library.KindPage, ID: "/acidity", Title: "Acid bench: where a mixture stands against pH 4.6"}: {"acidity",
		"pH", "pH estimate", "how acid"},
	{Kind: library.KindPage, ID: "/acidity/selling", Title: "Selling: acid, acidified, low-acid"}: {"acidified " +
		"food", "process authority", "21 CFR 114"},
	{Kind: library.KindPage, ID: "/plan", Title: "Plan a canning day"}: {"canning " +
		"day", "schedule", "run sheet", "shopping list", "how many jars", "how many loads"},
	{Kind: library.KindPage, ID: "/check", Title: "Checked against print"}: {"check " +
		"sheet", "from memory", "ledger", "verify"},
	{Kind: library.KindPage, ID: "/procedures/new", Title: "Add a procedure"}: {"my book",
		"another book", "own procedure", "state bulletin"},
	{Kind: library.KindPage, ID: "/debated", Title: "Debated points"}: {"who is " +
		"right", "sources disagree", "opinions"},
}
