package acidity

import "math"

// Protolyte is something that gives off protons: an acid, or a lump of the
// buffering groups of tissue.
type Protolyte struct {
	Key string
	// Z0 is the charge when fully protonated.
	Z0 int
	// PKa are the stepwise constants at 25 °C and ionic strength 0.
	PKa []float64
	// GramsPerMol is 0 for a lump.
	GramsPerMol float64
	// Lump is true for what stands for many groups at once, and for phosphate,
	// which is estimated with them.
	Lump bool
}

// Protolytes are the protolytes of the model. Constants: Goldberg, Kishore and
// Lennen, “Thermodynamic quantities for the ionization reactions of buffers”,
// J. Phys. Chem. Ref. Data 31 (2002), and the CRC Handbook of Chemistry and
// Physics; quinic, pyroglutamic and gluconic acid from handbooks, less surely.
// The lumps are estimates: side chains of protein and pectate (COO), imidazole
// and sugar phosphates (MID), amino and phenolic groups (AMN), and the
// colloidal calcium phosphate of milk (CCP). All from memory.
var Protolytes = [...]Protolyte{
	{"acetic", 0, []float64{4.756}, 60.052, false},
	{"citric", 0, []float64{3.128, 4.761, 6.396}, 192.124, false},
	{"malic", 0, []float64{3.459, 5.097}, 134.087, false},
	{"lactic", 0, []float64{3.860}, 90.078, false},
	{"tartaric", 0, []float64{3.036, 4.366}, 150.087, false},
	{"oxalic", 0, []float64{1.250, 4.266}, 90.034, false},
	{"phosphoric", 0, []float64{2.148, 7.198, 12.35}, 97.995, true},
	{"quinic", 0, []float64{3.58}, 192.17, false},
	{"succinic", 0, []float64{4.207, 5.636}, 118.088, false},
	{"fumaric", 0, []float64{3.053, 4.494}, 116.072, false},
	{"ascorbic", 0, []float64{4.17, 11.6}, 176.124, false},
	{"pyroglutamic", 0, []float64{3.32}, 129.114, false},
	{"gluconic", 0, []float64{3.70}, 196.16, false},
	{"formic", 0, []float64{3.751}, 46.025, false},
	{"benzoic", 0, []float64{4.204}, 122.12, false},
	{"carbonic", 0, []float64{6.351, 10.329}, 62.025, false},
	{"bisulfate", -1, []float64{1.987}, 97.07, false},
	{"ammonium", 1, []float64{9.245}, 18.04, false},
	{"phthalic", 0, []float64{2.950, 5.408}, 166.13, false},
	{"boric", 0, []float64{9.237}, 61.83, false},
	{"COO", 0, []float64{4.30}, 0, true},
	{"MID", 1, []float64{6.40}, 0, true},
	{"AMN", 1, []float64{9.70}, 0, true},
	{"CCP", 0, []float64{5.30}, 0, true},
}

// kinds is the number of protolytes.
const kinds = len(Protolytes)

// indexOf finds a protolyte by its key.
var indexOf = func() map[string]int {
	m := map[string]int{}
	for i, p := range Protolytes {
		m[p.Key] = i
	}
	return m
}()

// constants hold 10^-pKa by protolyte and step, and the power of 10^D that each
// step is corrected by.
var constants = func() (t [kinds]struct {
	steps int
	k     [3]float64
	power [3]int
	z0    float64
}) {
	for i, p := range Protolytes {
		t[i].steps, t[i].z0 = len(p.PKa), float64(p.Z0)
		for s, pk := range p.PKa {
			t[i].k[s] = math.Pow(10, -pk)
			t[i].power[s] = 1 - 2*(p.Z0-s)
		}
	}
	return t
}()

// davies returns D of the Davies equation, log10 gamma = -D z², at the ionic
// strength in mol per kg of water. It is held where the equation turns over.
func davies(ionic float64) float64 {
	j := math.Min(ionic, strengthCap)
	root := math.Sqrt(math.Max(j, 0))
	return debyeHueckel * (root/(1+root) - 0.3*j)
}

const (
	debyeHueckel = 0.5092 // A at 25 °C
	strengthCap  = 0.395  // mol/kg, where the Davies equation is stationary
	pKw          = 13.995 // 25 °C
	ln10         = math.Ln10
)

var kw = math.Pow(10, -pKw)
