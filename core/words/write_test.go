package words

import "testing"

func TestWrite(t *testing.T) {
	for got, want := range map[string]string{
		Thousands(7): "7", Thousands(5240): "5,240", Thousands(-1000): "−1,000", Thousands(1234567): "1,234,567", Capital("émile"): "Émile", Capital(""): "",
		LowerFirst("Éclair"): "éclair", Counted(1, "load"): "1 load", Counted(1200, "jar"): "1,200 jars",
	} {
		if got != want {
			t.Errorf("%q, want %q", got, want)
		}
	}
}
