package english_test

import (
	"testing"

	"github.com/stretchr/testify/assert"

	"damson/core/english"
)

func TestInDialect(t *testing.T) {
	for _, text := range []string{
		"prick each yin twice wi a fork so they dinnae burst, intae the boilin syrup",
		"wash 'em wi cold watter and gie them ten meenits",
		"ah'm peelin the tatties, washin them, boilin them",
		"pour it ower th' peas, nowt else, an' put 'em oot",
		"ze plums und ze watter, zen wiz sugar",
	} {
		assert.True(t, english.InDialect(text), text)
	}
	for _, text := range []string{
		"Wash the muffin tin, add pectin, gelatin and raisins within the basin.",
		"An onion and an apple; deposit the rabbit and limit the biscuit.",
		"Boil 10 minutes wi a lid.", // one word makes no dialect
		"Peel, core and slice. Pour the syrup over. Process pints 20 minutes.",
	} {
		assert.False(t, english.InDialect(text), text)
	}
}

func TestSpelled(t *testing.T) {
	for spoken, plain := range map[string]string{
		"boilin": "boiling", "Peelin'": "Peeling", "peelit": "peeled", "meenits": "minutes", "intae": "into", "Wi": "With",
		"raisin": "raisin", "muffin": "muffin", "pectin": "pectin", "gelatin": "gelatin", "Jar": "Jar", "basin": "basin",
	} {
		assert.Equal(t, plain, english.Spelled(spoken), spoken)
	}
}
