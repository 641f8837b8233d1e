package acidity

// Dose is the acid that a source gives for a jar of one food: the same safety
// by any of the acids named. An amount of 0 means that the source does not name
// that acid for this food.
type Dose struct {
	ID   string `yaml:"id"`
	Food string `yaml:"food"`
	// LemonTbsp is bottled lemon or lime juice, CitricTsp citric acid, VinegarTbsp
	// 5 percent vinegar, each to a quart.
	LemonTbsp   float64 `yaml:"lemon_tbsp"`
	CitricTsp   float64 `yaml:"citric_tsp"`
	VinegarTbsp float64 `yaml:"vinegar_tbsp"`
	Source      string  `yaml:"source"`
}

// Point is one point of a titration: what was added, and where the mixture
// then stands.
type Point struct {
	// Added is grams of the acid to a kg of the mixture.
	Added          float64
	Low, Mid, High float64
}

// TitrateWith returns where the mixture stands with 0 to most grams of the acid to
// each kg, in n steps. Low and High are bounds with the allowance.
func (m *Mixture) TitrateWith(acid *Profile, most float64, n int) ([]Point, error) {
	mass := 0.0
	for i := range m.Parts {
		mass += m.Parts[i].Mass.Mid
	}
	var out []Point
	for k := range n + 1 {
		g := most * float64(k) / float64(n)
		with := &Mixture{Parts: append([]Part{}, m.Parts...)}
		with.Parts = append(with.Parts, Part{Name: acid.ID, Profile: acid, Mass: Exactly(mass * g / 1000), PH: Exactly(acid.PH), SID: Exactly(acid.SID), Acids: Exactly(1), Lumps: Exactly(1), Added: true})
		mid, err := with.PH()
		if err != nil {
			return nil, err
		}
		low, high, err := with.Bounds()
		if err != nil {
			return nil, err
		}
		out = append(out, Point{g, low - Allowance, mid, high + Allowance})
	}
	return out, nil
}
