// First of all: schemas are made as modules load, and must not try to build code from text.
import '@/platform/policy';
import 'expo-router/entry';
