package recipe

import (
	"reflect"
	"testing"

	"github.com/stretchr/testify/assert"
)

// What is kept of a line is nobody's to change: a clone holds no pointer and no slice of it, but for its foods.
func TestCloneSharesNothing(t *testing.T) {
	l := &Line{}
	v := reflect.ValueOf(l).Elem()
	for i := range v.NumField() {
		switch f := v.Field(i); {
		case f.Kind() == reflect.Pointer:
			f.Set(reflect.New(f.Type().Elem()))
		case f.Kind() == reflect.Slice && f.Type().Elem().Kind() == reflect.Pointer:
			s := reflect.MakeSlice(f.Type(), 1, 1)
			s.Index(0).Set(reflect.New(f.Type().Elem().Elem()))
			f.Set(s)
		case f.Kind() == reflect.Slice:
			f.Set(reflect.MakeSlice(f.Type(), 1, 1))
		}
	}
	l.Remarks = nil // lines with remarks are not kept
	c := reflect.ValueOf(l.clone()).Elem()
	for i := range v.NumField() {
		name, was, is := v.Type().Field(i).Name, v.Field(i), c.Field(i)
		shared := name == "Ref" || name == "Head" || name == "Remarks"
		switch {
		case shared:
			assert.Equal(t, was.Pointer(), is.Pointer(), name)
		case was.Kind() == reflect.Pointer || was.Kind() == reflect.Slice:
			assert.NotEqual(t, was.Pointer(), is.Pointer(), name)
		}
		if !shared && was.Kind() == reflect.Slice && was.Type().Elem().Kind() == reflect.Pointer {
			assert.NotEqual(t, was.Index(0).Pointer(), is.Index(0).Pointer(), name)
		}
	}
}
