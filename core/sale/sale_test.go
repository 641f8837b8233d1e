package sale

import (
	"testing"

	"github.com/stretchr/testify/require"
)

// Definitions of 21 CFR 114.3 and 113.3, from memory.
func TestClassify(t *testing.T) {
	for name, c := range map[string]struct {
		facts Facts
		class string
	}{
		"pickled beets":                 {Facts{PH: 3.9, AcidAdded: Yes, LowAcidPart: "much"}, Acidified},
		"salsa":                         {Facts{PH: 4.1, AcidAdded: Yes, LowAcidPart: "much", Kind: "other"}, Acidified},
		"peaches":                       {Facts{PH: 3.8, AcidAdded: No, LowAcidPart: "none"}, AcidFood},
		"apple chutney, a little onion": {Facts{PH: 3.5, AcidAdded: No, LowAcidPart: "small"}, AcidFood},
		"a dressing":                    {Facts{PH: 3.6, AcidAdded: Yes, LowAcidPart: "small", Kind: "dressing"}, AcidFood},
		"small, but acid added":         {Facts{PH: 3.6, AcidAdded: Yes, LowAcidPart: "small", Kind: "other"}, Acidified},
		"green beans":                   {Facts{PH: 5.8, AcidAdded: No, LowAcidPart: "much"}, LowAcid},
		"acid that fell short":          {Facts{PH: 4.7, AcidAdded: Yes, LowAcidPart: "much"}, LowAcid},
		"on the line":                   {Facts{PH: 4.6, AcidAdded: Yes, LowAcidPart: "much"}, Acidified},
		"jam":                           {Facts{PH: 3.2, Kind: "jam"}, Exempt},
		"kept cold":                     {Facts{PH: 5.5, Cold: Yes}, Exempt},
		"dry":                           {Facts{PH: 5.5, Dry: Yes}, Exempt},
		"kraut":                         {Facts{PH: 3.5, Kind: "fermented"}, AcidFood},
		"soda":                          {Facts{PH: 3.5, Kind: "drink"}, Exempt},
		"nothing measured":              {Facts{AcidAdded: Yes, LowAcidPart: "much"}, Open},
		"half told":                     {Facts{PH: 3.9}, Open},
	} {
		a, err := Classify(c.facts)
		require.NoError(t, err, name)
		require.Equal(t, c.class, a.Class, name)
		require.Contains(t, a.Asks, Decide, name)
		if c.class == Open {
			require.NotEmpty(t, a.Missing, name)
		} else {
			require.NotEmpty(t, a.Since, name)
		}
	}
	a, err := Classify(Facts{PH: 4.4, AcidAdded: Yes, LowAcidPart: "much", Meat: Yes})
	require.NoError(t, err)
	require.Contains(t, a.Asks[0], "Agriculture")
	_, err = Classify(Facts{PH: 46})
	require.ErrorContains(t, err, "46")
}
