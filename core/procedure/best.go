package procedure

// BestFor is for how many months jars of a product are at their best, sealed, cool and dark
// (USDA Complete Guide to Home Canning 2015, guide 1, Storing Canned Foods; a curd turns brown
// and separates sooner: National Center for Home Food Preservation, Canned Lemon Curd; both
// from memory).
func BestFor(product string) int {
	if product == "curd" {
		return 4
	}
	return 12
}
