// Package knowledge holds the trade's data as plain YAML files and turns them
// into the types of core. It is the only place where a value of the trade
// stands; every row names its source and says whether it was recalled from
// memory.
//
// A malformed file stops the program: the error names file, line and field.
package knowledge
