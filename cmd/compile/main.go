// Compile packs the YAML of knowledge into library.json.gz. It runs in the
// folder knowledge, by go generate.
package main

import (
	"log"
	"os"

	"damson/knowledge"
)

func main() {
	data, err := knowledge.Compile(os.DirFS("."))
	if err != nil {
		log.Fatal(err)
	}
	if err := os.WriteFile("library.json.gz", data, 0o644); err != nil {
		log.Fatal(err)
	}
}
