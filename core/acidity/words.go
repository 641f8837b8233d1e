package acidity

// InWords are the classes of a mixture in words.
var InWords = map[string]string{
	Acid: "acid", Acidified: "acidified: only with the acid added", Borderline: "borderline: its range straddles pH 4.6",
	LowAcid: "low-acid", Unknown: "not known",
}
