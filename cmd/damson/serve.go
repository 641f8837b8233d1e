package main

import "github.com/spf13/cobra"

func newDemo() *cobra.Command  { return &cobra.Command{Use: "demo"} }
func newServe() *cobra.Command { return &cobra.Command{Use: "serve"} }
