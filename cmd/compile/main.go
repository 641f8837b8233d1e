// Compile packs the YAML of knowledge into foods.gob.gz and procedures.gob.gz. It runs in the
// folder knowledge, by go generate.
package main

import (
	"log"
	"os"

	"damson/knowledge"
)

func main() {
	packed, err := knowledge.Compile(os.DirFS("."))
	if err != nil {
		log.Fatal(err)
	}
	for name, data := range packed {
		if err := os.WriteFile(name, data, 0o644); err != nil {
			log.Fatal(err)
		}
	}
}
