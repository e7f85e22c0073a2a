"use client";

export { ScreenFailed as default } from "@/features/shell/ScreenFailed";
